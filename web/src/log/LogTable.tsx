import { Box, Button } from '@mui/material';
import { Fragment, useState } from 'react';
import { Link } from 'react-router';
import { digits, ink } from '../app/ink';
import { stackedBelow, stickyHead } from '../app/theme';
import { momentInWords } from '../app/timeInWords';
import { RemarksForm } from './RemarksForm';
import type { Entry } from './useLog';

type Props = { entries: Entry[]; onDelete: (id: number) => void };

const columns = [
  { head: 'Worked', width: 120 },
  { head: 'Problem', width: '24%' },
  { head: 'Answer', width: '13%' },
  { head: 'Working', width: '18%' },
  { head: 'Check', width: 96 },
  { head: 'Label and note', width: 'auto' },
  { head: 'Actions', width: 128 },
];

/** The entries as a table; an entry's remarks are changed in a line under it. */
export function LogTable({ entries, onDelete }: Props) {
  const [editing, setEditing] = useState<number>();
  return (
    <Box
      component="table"
      sx={{
        width: '100%',
        borderCollapse: 'collapse',
        tableLayout: 'fixed',
        '& th': { color: ink.faint, fontSize: 13, fontWeight: 650, p: '4px 14px 4px 0' },
        ...stackedBelow(1000),
        ...stickyHead,
        '& td': {
          borderTop: `1px solid ${ink.hair}`,
          p: '7px 14px 7px 0',
          verticalAlign: 'top',
          overflowWrap: 'anywhere',
        },
      }}
    >
      <thead>
        <tr>
          {columns.map(({ head, width }) => (
            <th key={head} scope="col" style={{ width, textAlign: head === 'Actions' ? 'right' : 'left' }}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {entries.map((entry) => (
          <Fragment key={entry.id}>
            <tr>
              <td style={{ whiteSpace: 'nowrap', color: ink.faint, fontSize: 14 }}>
                {momentInWords(entry.workedAt)}
              </td>
              <td style={{ fontFamily: digits, fontSize: 17 }}>
                <Link to={entry.written ? `/write/${entry.id}` : `/paper?entry=${entry.id}`}>
                  {entry.problem}
                </Link>
              </td>
              <td style={{ fontFamily: digits, fontSize: 17 }}>{entry.answer}</td>
              <td style={{ fontSize: 14 }}>{entry.working}</td>
              <CheckCell entry={entry} />
              <td>
                {entry.kept && <b>kept </b>}
                {entry.label}
                {entry.note && <Box sx={{ color: ink.faint, fontSize: 14 }}>{entry.note}</Box>}
              </td>
              <td style={{ whiteSpace: 'nowrap', textAlign: 'right', paddingRight: 0 }}>
                <RowButton label={`Remarks on ${entry.problem}`} onClick={() => setEditing(entry.id)}>
                  Remarks
                </RowButton>
                <RowButton label={`Delete ${entry.problem}`} onClick={() => onDelete(entry.id)}>
                  Delete
                </RowButton>
              </td>
            </tr>
            {editing === entry.id && (
              <tr>
                <td colSpan={columns.length} style={{ background: ink.sheet, padding: 16 }}>
                  <Box sx={{ maxWidth: 480 }}>
                    <RemarksForm entry={entry} onDone={() => setEditing(undefined)} />
                  </Box>
                </td>
              </tr>
            )}
          </Fragment>
        ))}
      </tbody>
    </Box>
  );
}

/** How a worked problem's check came out, or how a paper that somebody wrote was marked. */
function CheckCell({ entry }: { entry: Entry }) {
  const paper = entry.written ? papers[entry.written] : undefined;
  const good = paper ? entry.written === 'right' : entry.checkHolds;
  const open = entry.written === 'open' || entry.written === 'unfinished';
  return (
    <td style={{ color: open ? ink.faint : good ? ink.right : ink.wrong }}>
      {paper ?? (entry.checkHolds ? '✓ agrees' : '✗ differs')}
    </td>
  );
}

const papers: Record<string, string> = {
  open: '✎ being written',
  right: '✎ written, ✓ right',
  wrong: '✎ written, ✗ wrong',
  unfinished: '✎ written, not finished',
};

function RowButton(props: { label: string; onClick: () => void; children: string }) {
  return (
    <Button
      aria-label={props.label}
      onClick={props.onClick}
      sx={{ p: '0 6px', fontWeight: 400, textDecoration: 'underline' }}
    >
      {props.children}
    </Button>
  );
}
