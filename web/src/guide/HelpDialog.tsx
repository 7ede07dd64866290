import { Box, Button, Dialog } from '@mui/material';
import { useEffect, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { digits, ink } from '../app/ink';
import { helpOf } from './helpOf';

/** Help where one stands: opened by `?` on every screen, or by its button. */
export function HelpHere() {
  const { pathname } = useLocation();
  const [openAt, setOpenAt] = useState<string>();
  const open = openAt === pathname;
  const help = helpOf(pathname);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing = (event.target as HTMLElement).closest('input, textarea, select, [role=dialog]');
      if (event.key === '?' && !event.defaultPrevented && !typing && !event.ctrlKey && !event.metaKey) {
        event.preventDefault();
        setOpenAt(pathname);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [pathname]);
  const close = () => setOpenAt(undefined);
  return (
    <>
      <Button
        onClick={() => setOpenAt(pathname)}
        aria-haspopup="dialog"
        sx={{ color: '#dfe4ee', p: 0, fontSize: 14, fontWeight: 400, textDecoration: 'underline' }}
      >
        Help (?)
      </Button>
      <Dialog
        open={open}
        onClose={close}
        slotProps={{
          paper: { 'aria-label': `Help: ${help.title}`, sx: { bgcolor: ink.page, color: ink.ink, p: 3 } },
        }}
      >
        <Box component="h2" sx={{ m: 0 }}>
          {help.title}
        </Box>
        <List name="Keys" rows={help.keys} />
        {help.words.length > 0 && <List name="Words and signs" rows={help.words} />}
        <Box sx={{ display: 'flex', gap: 2, mt: 2, alignItems: 'center' }}>
          <Button variant="contained" onClick={close} autoFocus>
            Close
          </Button>
          <Link to={`/guide/${help.page}`} onClick={close}>
            More of it in the guide
          </Link>
        </Box>
      </Dialog>
    </>
  );
}

function List({ name, rows }: { name: string; rows: [string, string][] }) {
  return (
    <Box component="section" aria-label={name}>
      <Box component="h3" sx={{ fontSize: 16, m: '14px 0 4px' }}>
        {name}
      </Box>
      <Box
        component="dl"
        sx={{
          m: 0,
          display: 'grid',
          gridTemplateColumns: 'max-content minmax(0, 1fr)',
          columnGap: 2.5,
          rowGap: 0.5,
        }}
      >
        {rows.map(([what, means]) => (
          <Box key={what} sx={{ display: 'contents' }}>
            <Box component="dt" sx={{ fontFamily: digits, fontWeight: 700 }}>
              {what}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {means}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
