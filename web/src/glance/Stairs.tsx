import { Box } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { Tabs } from '../app/Tabs';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { operationNames } from '../record/operationNames';
import { initials } from './initials';
import { useStairs } from './useGlance';

type Stair = Schemas['Stair'];

const rise = 22;
/** Where a class stands: each child on the highest step that is secure, ringed who came there within four weeks. */
export function Stairs({ classId }: { classId: number }) {
  const stairs = useStairs(classId);
  const [chosen, setChosen] = useState<Stair['operation']>();
  if (!stairs.data) {
    return stairs.isError ? (
      <Trouble message={stairs.error.message} />
    ) : (
      <Box sx={{ height: 260 }} aria-hidden />
    );
  }
  const shown = stairs.data.stairs.find(({ operation }) => operation === chosen) ?? stairs.data.stairs[0];
  if (!shown) {
    return null;
  }
  return (
    <Box component="section" aria-label="Where the class stands" sx={{ mb: 3, maxWidth: 1500 }}>
      <Box sx={{ display: 'flex', columnGap: 3, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Box component="h2" sx={{ m: 0, fontSize: 19 }}>
          Where the class stands
        </Box>
        <Tabs
          label="Stairs of"
          value={shown.operation}
          options={stairs.data.stairs.map(({ operation }) => ({
            id: operation,
            label: operationNames[operation],
          }))}
          onChange={setChosen}
        />
        <Box sx={{ color: ink.faint, fontSize: 14 }}>
          Each child on the highest step that is secure; double ring: came here within four weeks.
        </Box>
      </Box>
      <Box sx={{ overflowX: 'auto', pt: 1 }}>
        <Box
          aria-hidden
          sx={{
            display: 'grid',
            gridTemplateColumns: `repeat(${shown.treads.length}, minmax(100px, 1fr))`,
            alignItems: 'end',
            minWidth: shown.treads.length * 100,
          }}
        >
          {shown.treads.map((tread, i) => (
            <Box key={tread.title} sx={{ pb: `${i * rise}px`, minWidth: 0 }}>
              <Box
                sx={{
                  display: 'flex',
                  flexWrap: 'wrap-reverse',
                  gap: '3px',
                  p: '4px 6px',
                  borderBottom: `2px solid ${ink.ink}`,
                }}
              >
                {tread.pupils.map((pupil) => (
                  <Box
                    key={pupil.id}
                    component={Link}
                    to={`/pupils/${pupil.id}`}
                    tabIndex={-1}
                    title={pupil.name}
                    sx={{
                      width: 27,
                      height: 27,
                      borderRadius: '50%',
                      bgcolor: ink.ink,
                      color: ink.sheet,
                      display: 'grid',
                      placeItems: 'center',
                      fontSize: 11.5,
                      fontWeight: 650,
                      textDecoration: 'none',
                      boxShadow: tread.came.some(({ id }) => id === pupil.id)
                        ? `inset 0 0 0 2px ${ink.right}, inset 0 0 0 3.5px ${ink.sheet}`
                        : undefined,
                    }}
                  >
                    {initials(pupil.name)}
                  </Box>
                ))}
              </Box>
              <Box
                sx={{
                  height: 38,
                  overflow: 'hidden',
                  p: '2px 6px',
                  fontSize: 13,
                  lineHeight: 1.25,
                  position: 'relative',
                  '&::before': {
                    content: i > 0 ? '""' : 'none',
                    position: 'absolute',
                    left: 0,
                    top: 0,
                    height: rise,
                    borderLeft: `2px solid ${ink.ink}`,
                  },
                  color: tread.pupils.length > 0 ? ink.ink : ink.faint,
                }}
              >
                {tread.title}
              </Box>
            </Box>
          ))}
        </Box>
      </Box>
      <Box component="ul" sx={visuallyHidden}>
        {shown.treads.map((tread) => (
          <li key={tread.title}>{tread.say}</li>
        ))}
      </Box>
    </Box>
  );
}
