/** Opens the very PDF in a frame that is not seen, and the browser's print dialog for it. */
export function sendToPrinter(address: string) {
  const frame = document.createElement('iframe');
  frame.style.display = 'none';
  frame.src = address;
  frame.onload = () => {
    frame.contentWindow?.focus();
    frame.contentWindow?.print();
  };
  document.body.appendChild(frame);
}
