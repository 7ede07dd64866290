import { Button, Menu, MenuItem } from '@mui/material';
import { useState } from 'react';

type Deed = { label: string; name: string; href?: string; onDo?: () => void };

/** What can be done with a row, but for what is done most: one button, its words in a list. */
export function RowMenu({ of, deeds }: { of: string; deeds: Deed[] }) {
  const [at, setAt] = useState<HTMLElement>();
  return (
    <>
      <Button
        aria-haspopup="menu"
        aria-expanded={Boolean(at)}
        aria-label={`More for ${of}`}
        onClick={(event) => setAt(event.currentTarget)}
      >
        More
      </Button>
      <Menu open={Boolean(at)} anchorEl={at} onClose={() => setAt(undefined)} transitionDuration={0}>
        {deeds.map(({ label, name, href, onDo }) => (
          <MenuItem
            key={label}
            aria-label={name}
            component={href ? 'a' : 'li'}
            {...(href ? { href } : {})}
            onClick={() => {
              setAt(undefined);
              onDo?.();
            }}
          >
            {label}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
