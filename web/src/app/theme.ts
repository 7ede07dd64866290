import { createTheme } from '@mui/material/styles';

/** Warm paper, blue-black ink, a fine grid; amber for the working column, plum for the teacher's marks. */
export const ink = {
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
} as const;

export const digits = 'Andika, sans-serif';

export const theme = createTheme({
  palette: {
    primary: { main: ink.ink, contrastText: ink.sheet },
    secondary: { main: ink.plum },
    error: { main: ink.wrong },
    success: { main: ink.right },
    text: { primary: ink.ink, secondary: ink.faint },
    background: { default: ink.page, paper: ink.sheet },
    divider: ink.hair,
  },
  shape: { borderRadius: 0 },
  shadows: Array(25).fill('none') as never,
  typography: {
    fontFamily: '"Atkinson Hyperlegible Next Variable", sans-serif',
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
    MuiCssBaseline: {
      styleOverrides: {
        a: { color: ink.ink, textDecorationColor: ink.faint, textUnderlineOffset: 4 },
        ':focus-visible': { outline: `3px solid ${ink.amberDeep}`, outlineOffset: 2 },
      },
    },
  },
});
