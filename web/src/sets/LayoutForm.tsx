import { Box } from '@mui/material';
import { Select } from '../app/Select';
import { ink } from '../app/ink';
import { Tick } from '../app/Tick';
import type { Layout } from './useSets';

type Props = { layout: Layout; onChange: (layout: Layout) => void };

const papers = [
  { id: 'a4', label: 'A4' },
  { id: 'letter', label: 'Letter' },
  { id: 'two-a5', label: 'two A5 on one A4' },
];
const squares = ['5', '7', '10'].map((id) => ({ id, label: `${id} mm` }));
const columns = ['1', '2', '3', '4'].map((id) => ({ id, label: id }));
const switches = [
  ['carryBoxes', 'Boxes for carries'],
  ['checkRow', 'Room for a check'],
  ['nameLine', 'Lines for name and date'],
  ['largePrint', 'Large print'],
  ['sentences', 'Sentences with worked answers'],
] as const;

/** Whether filled pages can be read at all; the server says the same. */
const canBeRead = (layout: Layout) => layout.square >= 7 && layout.setOut && layout.paper !== 'two-a5';

/** How the pages are laid out. */
export function LayoutForm({ layout, onChange }: Props) {
  const set = (changes: Partial<Layout>) => {
    const changed = { ...layout, ...changes };
    // What cannot be read any more is not to be; where it can be again, it is.
    onChange(canBeRead(changed) ? changed : { ...changed, toBeRead: undefined });
  };
  return (
    <Box>
      <Select label="Paper" value={layout.paper} options={papers} onChange={(paper) => set({ paper })} />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2 }}>
        <Select
          label="Columns"
          value={String(layout.columns)}
          options={columns}
          onChange={(id) => set({ columns: Number(id) })}
        />
        <Select
          label="Squares"
          value={String(layout.square)}
          options={squares}
          onChange={(id) => set({ square: Number(id) })}
        />
      </Box>
      <Select
        label="The numbers stand"
        value={layout.setOut ? 'set-out' : 'side-by-side'}
        options={[
          { id: 'set-out', label: 'set out under each other' },
          { id: 'side-by-side', label: 'side by side, to be set out' },
        ]}
        onChange={(id) => set({ setOut: id === 'set-out' })}
      />
      <Box sx={{ mt: 1.5, display: 'grid' }}>
        {switches.map(([name, label]) => (
          <Tick
            key={name}
            label={label}
            checked={layout[name]}
            onChange={(checked) => set({ [name]: checked })}
          />
        ))}
        <Tick
          label="Lines to explain it in words"
          checked={layout.explain ?? false}
          onChange={(explain) => set({ explain })}
        />
        {canBeRead(layout) ? (
          <Tick
            label="To be read by a scanner when filled"
            checked={layout.toBeRead ?? true}
            onChange={(toBeRead) => set({ toBeRead })}
          />
        ) : (
          <Box sx={{ color: ink.faint, fontSize: 14, mt: 0.5 }}>
            A scanner can read filled pages with squares of 7 mm or more, numbers set out and one page on a
            sheet.
          </Box>
        )}
      </Box>
    </Box>
  );
}
