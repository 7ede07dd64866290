import { createTheme } from '@mui/material/styles';

/** Warm paper, blue-black ink, a fine grid; amber for the working column, plum for the teacher's marks. */
const usual = {
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
  Object.fromEntries((Object.keys(usual) as Ink[]).map((name) => [`--ink-${name}`, colours[name]]));

export const digits = 'Andika, sans-serif';

/** A table's rows as short lists where there is no room for columns. */
export const stackedOnPhone = {
  '@media (max-width: 599px)': {
    '& thead': { display: 'none' },
    '& tr': { display: 'block', borderTop: `1px solid ${ink.hair}`, padding: '6px 0' },
    '& td, & tbody tr td': { display: 'block', borderTop: 0, padding: '1px 0', textAlign: 'left !important' },
    '& td[colspan]': { padding: '8px 0' },
  },
} as const;
export const theme = createTheme({
  palette: {
    primary: { main: usual.ink, contrastText: usual.sheet },
    secondary: { main: usual.plum },
    error: { main: usual.wrong },
    success: { main: usual.right },
    text: { primary: usual.ink, secondary: usual.faint },
    background: { default: usual.page, paper: usual.sheet },
    divider: usual.hair,
  },
  shape: { borderRadius: 0 },
  shadows: Array(25).fill('none') as never,
  typography: {
    fontFamily: '"Plain digits", "Atkinson Hyperlegible Next Variable", sans-serif',
    fontSize: 15,
    button: { textTransform: 'none', fontWeight: 600, fontSize: 15 },
    h1: { fontFamily: digits, fontWeight: 700, fontSize: 28 },
    h2: { fontFamily: digits, fontWeight: 700, fontSize: 19 },
  },
  components: {
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: {
        root: { '&:focus-visible': { outline: `3px solid ${ink.amberDeep}`, outlineOffset: 2 } },
      },
    },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: {
        root: { minWidth: 0, padding: '6px 14px' },
        outlined: { borderColor: ink.ink, borderWidth: 1.5 },
      },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          border: 0,
          borderBottom: '3px solid transparent',
          padding: '2px 0',
          fontFamily: digits,
          fontWeight: 400,
          textTransform: 'none',
          color: ink.faint,
          '&:hover': { backgroundColor: 'transparent', textDecoration: 'underline' },
          '&.Mui-selected, &.Mui-selected:hover': {
            backgroundColor: 'transparent',
            color: ink.ink,
            fontWeight: 700,
            borderBottomColor: ink.amberDeep,
          },
        },
      },
    },
    MuiCheckbox: {
      defaultProps: { size: 'small' },
      styleOverrides: { root: { padding: '4px 6px', color: ink.faint } },
    },
    MuiRadio: {
      defaultProps: { size: 'small' },
      styleOverrides: { root: { padding: '2px 6px', color: ink.faint } },
    },
    MuiFormControlLabel: {
      styleOverrides: {
        root: { marginLeft: -6, alignItems: 'flex-start' },
        label: { fontSize: 16, lineHeight: 1.75 },
      },
    },
    MuiInputLabel: { styleOverrides: { root: { color: ink.faint, '&.Mui-focused': { color: ink.ink } } } },
    MuiInput: {
      styleOverrides: {
        root: {
          fontSize: 17,
          '&::before': { borderBottom: `2px solid ${ink.ink}` },
          '&.Mui-error::before': { borderBottomColor: ink.wrong },
        },
      },
    },
    MuiFormHelperText: { styleOverrides: { root: { margin: 0, fontSize: 15, color: ink.wrong } } },
    MuiDialog: { styleOverrides: { paper: { border: `2px solid ${ink.ink}`, backgroundColor: ink.page } } },
    MuiTooltip: {
      defaultProps: { enterTouchDelay: 300 },
      styleOverrides: { tooltip: { backgroundColor: ink.ink, color: ink.sheet, fontSize: 15 } },
    },
    MuiCssBaseline: {
      styleOverrides: {
        ':root': variables(usual),
        '[data-contrast=strong]': variables(strong),
        '@media (forced-colors: active)': { ':root, [data-contrast=strong]': variables(forced) },
        '@media (prefers-reduced-motion: reduce)': {
          '*, *::before, *::after': {
            animationDuration: '0.01ms !important',
            transitionDuration: '0.01ms !important',
          },
        },
        // What a finger can hit, however small its words are.
        'button, select, input:not([type=checkbox]):not([type=radio]), .MuiButton-root': {
          minHeight: 24,
          minWidth: 24,
        },
        // What a screen has for the printer stands alone on the page.
        '.only-printed': { display: 'none' },
        '@media print': {
          '.only-printed': { display: 'block' },
          'body:has(.only-printed) #root': { display: 'none' },
        },
        a: { color: ink.ink, textDecorationColor: ink.faint, textUnderlineOffset: 4 },
        ':focus-visible': { outline: `3px solid ${ink.amberDeep}`, outlineOffset: 2 },
      },
    },
  },
});

/** The head of a table stays where its rows are pushed under it. */
export const stickyHead = {
  '& thead': { position: 'sticky', top: 0, zIndex: 1, bgcolor: ink.page },
} as const;
