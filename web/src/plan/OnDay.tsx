import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Select } from '../app/Select';
import { dayInWords } from '../app/timeInWords';

/** The day of a group, and another one for it: it is moved when that is said, not on the way through the list. */
export function OnDay(props: { group: string; day: string; days: string[]; onMove: (day: string) => void }) {
  const { group, day, days, onMove } = props;
  const [to, setTo] = useState(day);
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-end', pb: 0.75 }}>
      <Box sx={{ width: 130 }}>
        <Select
          label="on"
          value={to}
          options={days.map((date) => ({ id: date, label: dayInWords(date) }))}
          onChange={setTo}
          of={group}
        />
      </Box>
      {to !== day && (
        <Button
          variant="outlined"
          sx={{ p: '1px 9px', fontSize: 14, mb: '6px' }}
          onClick={() => onMove(to)}
          aria-label={`Move ${group} to ${dayInWords(to)}`}
        >
          Move
        </Button>
      )}
    </Box>
  );
}
