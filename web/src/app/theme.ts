import { createTheme } from '@mui/material/styles';
import { digits, ink, usual } from './ink';

/** A table's rows as short lists where there is no room for columns: below so many px. */
export const stackedBelow = (width: number) =>
  ({
    [`@media (max-width: ${width - 1}px)`]: {
      '& thead': { display: 'none' },
      '& tr': { display: 'block', borderTop: `1px solid ${ink.hair}`, padding: '6px 0' },
      '& td, & tbody tr td': {
        display: 'block',
        borderTop: 0,
        padding: '1px 0',
        textAlign: 'left !important',
      },
      '& td[colspan]': { padding: '8px 0' },
    },
  }) as const;

export const stackedOnPhone = stackedBelow(600);

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
  },
});

/** The names before the rows of a table stay too; a long one leaves room for its row on a phone. */
export const namesStay = {
  fontWeight: 400,
  maxWidth: { xs: 128, sm: 260 },
  overflow: 'hidden',
  textOverflow: 'ellipsis',
  whiteSpace: 'nowrap',
  position: 'sticky',
  left: 0,
  bgcolor: ink.page,
} as const;

/** The head of a table stays where its rows are pushed under it. */
export const stickyHead = {
  '& thead': { position: 'sticky', top: 0, zIndex: 1, bgcolor: ink.page },
} as const;
