import { Box, Button } from '@mui/material';
import { Link, NavLink, useLocation } from 'react-router';
import { useSignOut } from '../account/useAccount';
import { useUnkept } from '../marking/useMarking';
import { HelpHere } from '../guide/HelpDialog';
import { appearsLate } from './appearsLate';
import { ink } from './ink';

/** The screens; `beside` is what belongs to one without standing below its address. */
const screens: { to: string; name: string; beside?: string[] }[] = [
  { to: '/today', name: 'Today' },
  { to: '/paper', name: 'Paper' },
  { to: '/write', name: 'Write' },
  { to: '/sets', name: 'Sets' },
  { to: '/marking', name: 'Marking', beside: ['/ask'] },
  { to: '/classes', name: 'Class', beside: ['/pupils/', '/screens/'] },
  { to: '/log', name: 'Log' },
  { to: '/style', name: 'House style' },
];

/** What was marked and is not yet kept, on whichever page one is. */
function Unkept() {
  const piles = useUnkept().split(' ').filter(Boolean);
  return piles.map((each) => {
    const [id, count] = each.split(':');
    return (
      <Box key={id} component="span" role="status" sx={appearsLate}>
        <Link to={`/marking/${id}`} style={{ fontSize: 14, textDecoration: 'underline' }}>
          {count} not yet kept
        </Link>
      </Box>
    );
  });
}

/** The spine at the left, like a book's binding: the screens, and who is signed in. */
export function Spine(props: { teacher: string }) {
  const signOut = useSignOut();
  const { pathname } = useLocation();
  return (
    <Box
      component="nav"
      aria-label="Screens"
      sx={{
        bgcolor: ink.spine,
        color: ink.page,
        '@media (forced-colors: active)': { color: 'CanvasText' },
        position: 'relative',
        pt: { xs: 0, sm: 2.5 },
        display: 'flex',
        flexDirection: { xs: 'row', sm: 'column' },
        alignItems: { xs: 'center', sm: 'stretch' },
        // On a phone the spine lies on its side, like a book put down, and takes the lines it needs: no screen is hidden.
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        '&::after': {
          content: '""',
          position: 'absolute',
          right: 9,
          top: 0,
          bottom: 0,
          borderRight: `2px dashed ${ink.stitch}`,
          opacity: 0.55,
          display: { xs: 'none', sm: 'block' },
        },
        '& a': {
          display: 'block',
          fontSize: { xs: 15, sm: 16 },
          color: '#dfe4ee',
          p: { xs: '8px 7px', sm: '11px 0 11px 16px' },
          whiteSpace: 'nowrap',
          textDecoration: 'none',
          position: 'relative',
          zIndex: 1,
        },
        '& a.active': { bgcolor: ink.page, color: ink.ink, fontWeight: 650, ml: 1, pl: 1 },
        '& a:focus-visible, & button:focus-visible': { outlineColor: ink.stitch, outlineOffset: -3 },
      }}
    >
      <Box
        sx={{
          font: '700 21px Andika',
          fontSize: { xs: 18, sm: 21 },
          p: { xs: '0 4px 0 10px', sm: '0 0 18px 16px' },
        }}
      >
        Bemble
      </Box>
      {screens.map((screen) => (
        <NavLink
          key={screen.to}
          to={screen.to}
          className={screen.beside?.some((part) => pathname.startsWith(part)) ? 'active' : undefined}
        >
          {screen.name}
        </NavLink>
      ))}
      <Unkept />
      <Box
        sx={{
          mt: { sm: 'auto' },
          ml: { xs: 'auto', sm: 0 },
          p: { xs: '0 8px', sm: '0 18px 14px 16px' },
          fontSize: 14,
          position: 'relative',
          zIndex: 1,
          whiteSpace: 'nowrap',
        }}
      >
        <HelpHere />
        <Box sx={{ display: { xs: 'none', sm: 'block' } }}>{props.teacher}</Box>
        <Button
          onClick={() => signOut.mutate(undefined)}
          sx={{
            color: '#dfe4ee',
            p: 0,
            ml: { xs: 1.5, sm: 0 },
            fontSize: 14,
            fontWeight: 400,
            textDecoration: 'underline',
            whiteSpace: 'nowrap',
          }}
        >
          Sign out
        </Button>
        <Box
          component="span"
          sx={{
            display: { xs: 'none', sm: 'block' },
            '& a': { p: 0, fontSize: 14, textDecoration: 'underline' },
          }}
        >
          <Link to="/guide">Guide</Link>
          <Link to="/at-work">At work</Link>
          <a href="/licences/index.html">Licences</a>
          <Box component="span" sx={{ display: 'block', fontSize: 13, opacity: 0.8, mt: 0.5 }}>
            Bemble {__BEMBLE_VERSION__}
          </Box>
        </Box>
      </Box>
    </Box>
  );
}
