/** The version that is shown on screen, from `package.json`. */
declare const __BEMBLE_VERSION__: string;
