/** Warm paper, blue-black ink, a fine grid; amber for the working column, plum for the teacher's marks. */
export const usual = {
  ink: '#1d2a44',
  faint: '#56627a',
  page: '#f6f1e4',
  sheet: '#fffdf6',
  grid: '#d9e1e3',
  margin: '#c9b8c4',
  amber: '#ffe7ae',
  amberDeep: '#9a5800',
  plum: '#7b2a68',
  right: '#0c6b63',
  wrong: '#a3262a',
  spine: '#26344f',
  stitch: '#d9a441',
  hair: '#cfc6b2',
};

/** White paper and black ink, for projectors in bright rooms. */
const strong: typeof usual = {
  ink: '#000000',
  faint: '#303030',
  page: '#ffffff',
  sheet: '#ffffff',
  grid: '#bdbdbd',
  margin: '#7a7a7a',
  amber: '#ffd84a',
  amberDeep: '#7a3c00',
  plum: '#5e0050',
  right: '#00443f',
  wrong: '#9c0000',
  spine: '#000000',
  stitch: '#ffd84a',
  hair: '#6b6b6b',
};

/** The colours of whoever has their own: what is drawn follows them as what is written does. */
const forced: typeof usual = {
  ink: 'CanvasText',
  faint: 'CanvasText',
  page: 'Canvas',
  sheet: 'Canvas',
  grid: 'GrayText',
  margin: 'GrayText',
  amber: 'color-mix(in srgb, CanvasText 22%, Canvas)',
  amberDeep: 'Highlight',
  plum: 'LinkText',
  right: 'CanvasText',
  wrong: 'LinkText',
  spine: 'Canvas',
  stitch: 'CanvasText',
  hair: 'GrayText',
};

type Ink = keyof typeof usual;

const eachInk = <T>(value: (name: Ink) => T) =>
  Object.fromEntries((Object.keys(usual) as Ink[]).map((name) => [name, value(name)])) as Record<Ink, T>;

/** The inks by name; which colours they are depends on the contrast chosen. */
export const ink = eachInk((name) => `var(--ink-${name})`);

const variables = (colours: typeof usual) =>
  (Object.keys(usual) as Ink[]).map((name) => `--ink-${name}: ${colours[name]};`).join(' ');

/** Which colour each ink has, as a style sheet. */
export const inkSheet = `
:root { ${variables(usual)} }
[data-contrast=strong] { ${variables(strong)} }
@media (forced-colors: active) { :root, [data-contrast=strong] { ${variables(forced)} } }`;

export const digits = 'Andika, sans-serif';
