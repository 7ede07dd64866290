import { Box, Button } from '@mui/material';
import { Link, useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { RowMenu } from '../app/RowMenu';
import { digits, ink } from '../app/ink';
import { stackedOnPhone } from '../app/theme';
import { dayOfMomentInWords } from '../app/timeInWords';
import { useArchiveSet, useCopySet } from './useSets';

type Props = { sets: Schemas['SetLine'][]; onDelete: (id: number) => void };

/** The sets, the one changed last on top. */
export function SetTable({ sets, onDelete }: Props) {
  const copy = useCopySet();
  const archive = useArchiveSet();
  const navigate = useNavigate();
  const again = (id: number, otherNumbers: boolean) =>
    copy.mutate({ id, otherNumbers }, { onSuccess: (made) => navigate(`/sets/${made.id}`) });
  return (
    <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', mt: 2, ...stackedOnPhone }}>
      <Box component="thead" sx={{ textAlign: 'left', color: ink.faint, fontSize: 14, '& th': { pr: 2 } }}>
        <tr>
          <th>Set</th>
          <th>Class</th>
          <th>Questions</th>
          <th>Changed</th>
          <th aria-label="What to do with it" />
        </tr>
      </Box>
      <tbody>
        {sets.map((set) => (
          <Box
            component="tr"
            key={set.id}
            sx={{ '& td': { borderTop: `1px solid ${ink.hair}`, py: 1, pr: 2 } }}
          >
            <td>
              <Link
                to={`/sets/${set.id}`}
                style={{ fontWeight: 700, fontSize: 17, overflowWrap: 'anywhere' }}
              >
                {set.title}
              </Link>
              <Box sx={{ font: `400 14px ${digits}`, color: ink.faint }}>
                {set.first.join(' · ')}
                {set.count > set.first.length && ' …'}
              </Box>
            </td>
            <td>{set.tag}</td>
            <td>{set.count}</td>
            <td style={{ whiteSpace: 'nowrap' }}>{dayOfMomentInWords(set.changedAt)}</td>
            <Box component="td" sx={{ whiteSpace: { sm: 'nowrap' }, textAlign: 'right' }}>
              <Button onClick={() => again(set.id, true)} aria-label={`New numbers for ${set.title}`}>
                New numbers
              </Button>
              <RowMenu
                of={set.title}
                deeds={[
                  { label: 'Copy it', name: `Copy ${set.title}`, onDo: () => again(set.id, false) },
                  {
                    label: set.archived ? 'Take it out of the archive' : 'Put it into the archive',
                    name: `${set.archived ? 'Take out of the archive' : 'Archive'}: ${set.title}`,
                    onDo: () => archive.mutate({ id: set.id, archived: !set.archived }),
                  },
                  { label: 'Delete it', name: `Delete ${set.title}`, onDo: () => onDelete(set.id) },
                ]}
              />
            </Box>
          </Box>
        ))}
      </tbody>
    </Box>
  );
}
