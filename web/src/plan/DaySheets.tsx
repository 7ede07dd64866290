import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Box, Button } from '@mui/material';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { sendToPrinter } from '../print/sendToPrinter';
import { ink } from '../app/ink';
import { dayInWords } from '../app/timeInWords';
import { Trouble } from '../app/Trouble';

const orders = [
  { id: 'REGISTER', label: 'in register order' },
  { id: 'GROUPS', label: 'group by group' },
] as const;

const twoEach = (names: string[]) =>
  names.length === 0
    ? ''
    : ` ${names.join(', ')} ${names.length === 1 ? 'is' : 'are'} in several groups and ${names.length === 1 ? 'has' : 'have'} a sheet of each.`;

/** Prints all sheets of a day at once, each with its pupil's name, in the order in which they are handed out. */
export function DaySheets({ classId, date }: { classId: number; date: string }) {
  const queries = useQueryClient();
  const print = useMutation<Schemas['ToPrint'], Refused, string>({
    mutationFn: () =>
      ask(
        api.POST('/api/classes/{id}/plan/days/{day}/sheets', {
          params: { path: { id: classId, day: date } },
        }),
      ),
    onSuccess: (_made, order) => {
      sendToPrinter(`/api/classes/${classId}/plan/days/${date}/sheets.pdf?inline=true&order=${order}`);
      return Promise.all(
        [['plan'], ['sets'], ['today']].map((queryKey) => queries.invalidateQueries({ queryKey })),
      );
    },
  });
  return (
    <Box sx={{ py: 0.5, fontSize: 14, color: ink.faint }}>
      Print all sheets with names:{' '}
      {orders.map(({ id, label }) => (
        <Button
          key={id}
          sx={{ p: '0 4px', fontSize: 14, textDecoration: 'underline', fontWeight: 400 }}
          disabled={print.isPending}
          onClick={() => print.mutate(id)}
          aria-label={`Print all sheets of ${dayInWords(date)} ${label}`}
        >
          {label}
        </Button>
      ))}
      <Box component="span" role="status">
        {print.isPending && 'Setting them out …'}
        {print.data && `${print.data.sheets} sheets go to the printer.${twoEach(print.data.twice)}`}
      </Box>
      <Trouble message={print.error?.message} />
    </Box>
  );
}
