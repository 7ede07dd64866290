/** A key of its own kind: there is no `crypto.randomUUID` where a school's server is reached without a certificate. */
export const newKey = () =>
  [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
