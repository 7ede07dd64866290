import { Box } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';
import { namesStay } from '../app/theme';
import { Legend } from './Legend';

type Square = Schemas['PileSquare'];
type Props = { picture: Schemas['PilePicture']; marking: number; name: string };

const cell = 24;
const words: Record<string, string> = {
  right: 'right',
  blank: 'left blank',
  'not-reached': 'not reached',
  unclear: 'unclear',
};

/** A pile as squares: questions across, children down, those who share a cause together. */
export function PilePicture({ picture, marking, name }: Props) {
  return (
    <Box>
      <Legend
        signs={[
          { sign: <Sign verdict="right" />, means: 'right' },
          {
            sign: <Box sx={{ ...ofBand, px: 0.5 }}>51</Box>,
            means: 'wrong, put down to what the band is called',
          },
          { sign: <Box sx={{ ...other, px: 0.5 }}>51</Box>, means: 'wrong otherwise' },
          { sign: <Sign verdict="blank" />, means: 'nothing there' },
        ]}
      />
      <Box sx={{ overflowX: 'auto' }}>
        <Box
          component="table"
          aria-label={name}
          sx={{
            borderCollapse: 'collapse',
            '& td, & thead th': {
              height: cell,
              minWidth: 34,
              maxWidth: 92,
              p: '0 3px',
              textAlign: 'center',
              font: `400 14px ${digits}`,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              whiteSpace: 'nowrap',
            },
            '& td': { border: `1px solid ${ink.hair}`, bgcolor: ink.sheet },
            '& th[scope=row]': {
              ...namesStay,
              textAlign: 'right',
              pr: 1,
            },
          }}
        >
          <thead>
            <tr>
              <Box component="td" aria-hidden sx={bare} />
              {picture.wrong.map((wrong, i) => (
                <Box
                  component="th"
                  key={i}
                  scope="col"
                  sx={{ bgcolor: isMissedByMost(wrong, picture.of[i]) ? ink.amber : undefined }}
                >
                  {i + 1}
                </Box>
              ))}
            </tr>
          </thead>
          {picture.bands.map((band) => (
            <tbody key={band.title}>
              <tr aria-hidden>
                <Box
                  component="td"
                  colSpan={picture.wrong.length + 1}
                  sx={{
                    ...bare,
                    '&&': {
                      height: { xs: 26, sm: 9 },
                      textAlign: 'left',
                      verticalAlign: 'bottom',
                      fontWeight: band.slip ? 650 : 400,
                    },
                  }}
                >
                  {/* On a phone there is no room at the side. */}
                  <Box component="span" sx={{ display: { sm: 'none' } }}>
                    {band.title}
                  </Box>
                </Box>
              </tr>
              {band.rows.map((row, i) => (
                <tr key={row.pupil.id}>
                  <th scope="row">
                    <Link to={`/marking/${marking}?pupil=${row.pupil.id}`} title={row.say}>
                      {row.pupil.name}
                    </Link>
                  </th>
                  {picture.wrong.map((_, question) => (
                    <SquareOf key={question} square={row.squares[question]} />
                  ))}
                  {i === 0 && (
                    <Box
                      component="th"
                      scope="rowgroup"
                      rowSpan={band.rows.length}
                      sx={{
                        borderLeft: `3px solid ${band.slip ? ink.plum : ink.hair}`,
                        textAlign: 'left',
                        pl: 1.25,
                        display: { xs: 'none', sm: 'table-cell' },
                        minWidth: 110,
                        maxWidth: 170,
                        lineHeight: 1.15,
                        fontWeight: band.slip ? 650 : 400,
                        fontSize: 15,
                        color: band.slip ? ink.ink : ink.faint,
                      }}
                    >
                      {band.title}
                    </Box>
                  )}
                </tr>
              ))}
            </tbody>
          ))}
          <tfoot>
            <tr>
              <Box component="th" scope="row" sx={{ color: ink.faint, pt: 0.5 }}>
                wrong
              </Box>
              {picture.wrong.map((wrong, i) => (
                <Box
                  component="td"
                  key={i}
                  sx={{
                    ...bare,
                    fontWeight: isMissedByMost(wrong, picture.of[i]) ? '700 !important' : undefined,
                    color: ink.faint,
                  }}
                  title={`${wrong} of ${picture.of[i]} wrong`}
                >
                  {wrong || ''}
                </Box>
              ))}
            </tr>
          </tfoot>
        </Box>
      </Box>
    </Box>
  );
}

const bare = { border: '0 !important', bgcolor: 'transparent !important' } as const;
const ofBand = {
  bgcolor: `color-mix(in srgb, ${ink.plum} 16%, ${ink.sheet})`,
  color: ink.plum,
  fontWeight: 700,
};
const other = { color: ink.wrong, textDecoration: 'underline', bgcolor: ink.sheet };

/** Whether more than half of those who answered it have it wrong. */
const isMissedByMost = (wrong: number, of = 0) => of > 1 && wrong * 2 > of;

function SquareOf({ square }: { square?: Square }) {
  if (!square) {
    return <Box component="td" sx={bare} />;
  }
  if (square.verdict === 'wrong') {
    return (
      <Box
        component="td"
        title={square.given}
        sx={{
          ...(square.ofBand ? ofBand : other),
          '&&': {
            bgcolor: square.ofBand ? ofBand.bgcolor : ink.sheet,
            fontWeight: square.ofBand ? 700 : 400,
          },
        }}
      >
        {square.given}
        <Box component="span" sx={visuallyHidden}>
          {square.ofBand ? ' wrong, so put down' : ' wrong'}
        </Box>
      </Box>
    );
  }
  return (
    <td>
      <Sign verdict={square.verdict} />
      <Box component="span" sx={visuallyHidden}>
        {words[square.verdict ?? ''] ?? 'not marked'}
      </Box>
    </td>
  );
}

function Sign({ verdict }: { verdict: Square['verdict'] }) {
  return (
    <svg width={14} height={10} aria-hidden style={{ verticalAlign: 'middle' }}>
      {verdict === 'right' && <circle cx={7} cy={5} r={1.9} fill={ink.right} />}
      {(verdict === 'blank' || verdict === 'not-reached') && (
        <path d={verdict === 'blank' ? 'M2 5H12' : 'M4 9L10 1'} stroke={ink.faint} strokeWidth={1.6} />
      )}
      {verdict === 'unclear' && (
        <text x={7} y={9} fontSize={11} textAnchor="middle" fill={ink.faint}>
          ?
        </text>
      )}
    </svg>
  );
}
