import { Box } from '@mui/material';
import { Link, type To } from 'react-router';
import { ink } from '../app/ink';
import { namesStay, stickyHead } from '../app/theme';
import { operationNames } from './operationNames';
import { StateSign } from './StateSign';
import type { ClassRecord } from './useRecords';

type Props = {
  record: ClassRecord;
  /** Whose record stands beside it. */
  chosen?: number;
  /** Where a pupil's record is, with one of its rungs opened. */
  to: (pupil: number, rung?: string) => To;
};

/** The class in one picture: rungs across, pupils down. */
export function ClassPicture({ record, chosen, to }: Props) {
  const labels = new Map(record.states.map((state) => [state.id, state.label]));
  const operations = [...new Set(record.rungs.map((rung) => rung.operation))];
  if (record.rungs.length === 0) {
    return (
      <Box sx={{ color: ink.faint, fontSize: 18, mt: 2 }}>
        No answer of this class stands on a step yet. <Link to="/marking">Mark a pile</Link>, or open a set at
        screens; questions in whole numbers then fill this picture by themselves.
      </Box>
    );
  }
  return (
    <Box>
      <Legend record={record} narrow={chosen !== undefined} />
      <Box sx={{ overflow: 'auto', maxHeight: 'calc(100dvh - 24px)', mt: 1 }}>
        <Box
          component="table"
          aria-label={`What ${record.name} can do`}
          sx={{
            borderCollapse: 'collapse',
            ...stickyHead,
            '& td': {
              textAlign: 'center',
              borderTop: `1px solid ${ink.hair}`,
              p: 0,
              height: 27,
              minWidth: 46,
            },
            '& th[scope=row]': {
              ...namesStay,
              textAlign: 'left',
              borderTop: `1px solid ${ink.hair}`,
              pr: 2,
            },
            '& tbody tr:hover td, & tbody tr:hover th': { bgcolor: ink.sheet },
            '& [data-chosen] td, & [data-chosen] th[scope=row]': { bgcolor: ink.sheet, fontWeight: 650 },
            '& td a': { display: 'block', textDecoration: 'none', lineHeight: '26px' },
          }}
        >
          <thead>
            <tr>
              <td />
              {operations.map((operation) => (
                <Box
                  component="th"
                  key={operation}
                  scope="colgroup"
                  colSpan={record.rungs.filter((rung) => rung.operation === operation).length}
                  sx={{ fontWeight: 650, textAlign: 'left', borderLeft: `1px solid ${ink.faint}`, px: 1 }}
                >
                  {operationNames[operation]}
                </Box>
              ))}
            </tr>
            <tr>
              <td />
              {record.rungs.map((rung, index) => (
                <Box
                  component="th"
                  key={rung.id}
                  scope="col"
                  title={rung.news}
                  sx={{
                    fontWeight: 400,
                    fontSize: 14,
                    height: 142,
                    verticalAlign: 'bottom',
                    borderLeft: beginsOperation(record, index) ? `1px solid ${ink.faint}` : undefined,
                    p: '4px 0 6px',
                  }}
                >
                  <Box
                    component="span"
                    sx={{
                      writingMode: 'vertical-rl',
                      transform: 'rotate(180deg)',
                      textAlign: 'left',
                      maxHeight: 136,
                    }}
                  >
                    {rung.title}
                  </Box>
                </Box>
              ))}
            </tr>
          </thead>
          <tbody>
            {record.pupils.map((row) => (
              <tr key={row.pupil.id} data-chosen={row.pupil.id === chosen || undefined}>
                <th scope="row">
                  <Link to={to(row.pupil.id)} aria-current={row.pupil.id === chosen || undefined}>
                    {row.pupil.name}
                  </Link>
                </th>
                {row.cells.map((cell, index) => (
                  <Box
                    component="td"
                    key={cell.rung}
                    sx={{ borderLeft: beginsOperation(record, index) ? `1px solid ${ink.faint}` : undefined }}
                  >
                    <Link
                      to={to(row.pupil.id, cell.rung)}
                      aria-label={said(row.pupil.name, record, index, labels)}
                      title={cell.shows && `still shows: ${cell.shows}`}
                    >
                      <StateSign state={cell.state} ruled={cell.ruled} shows={cell.shows} />
                    </Link>
                  </Box>
                ))}
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr>
              <Box component="th" scope="row" sx={{ color: ink.faint }}>
                reached by
              </Box>
              {record.reached.map((reached, index) => (
                <Box
                  component="td"
                  key={record.rungs[index]?.id}
                  sx={{
                    borderLeft: beginsOperation(record, index) ? `1px solid ${ink.faint}` : undefined,
                    color: ink.faint,
                    pr: '8px !important',
                  }}
                >
                  {reached}
                </Box>
              ))}
            </tr>
          </tfoot>
        </Box>
      </Box>
    </Box>
  );
}

const beginsOperation = (record: ClassRecord, index: number) =>
  record.rungs[index]?.operation !== record.rungs[index - 1]?.operation;

function said(pupil: string, record: ClassRecord, index: number, labels: Map<string, string>) {
  const cell = record.pupils.find((row) => row.pupil.name === pupil)?.cells[index];
  const parts = [
    `${pupil}, ${record.rungs[index]?.title}: ${labels.get(cell?.state ?? '')}`,
    cell?.shows && `${cell.shows} still shows`,
    cell?.ruled && 'as you said',
  ];
  return parts.filter(Boolean).join(', ');
}

function Legend({ record, narrow }: { record: ClassRecord; narrow: boolean }) {
  return (
    // It wraps at the width of the table, and does not widen it.
    <Box
      sx={{
        display: 'flex',
        columnGap: 2.5,
        flexWrap: 'wrap',
        color: ink.faint,
        fontSize: 15,
        width: narrow ? 0 : undefined,
        minWidth: narrow ? '100%' : undefined,
      }}
    >
      {record.states.map((state) => (
        <span key={state.id}>
          <StateSign state={state.id} size={16} /> {state.label}
        </span>
      ))}
      <span>
        <StateSign state="learning" shows="a slip" size={16} /> a slip still shows
      </span>
      <span>
        <StateSign state="secure" ruled size={16} /> as you said
      </span>
    </Box>
  );
}
