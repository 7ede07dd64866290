import { Box, InputBase, NativeSelect } from '@mui/material';
import type { Schemas } from '../api/client';
import { without } from '../app/without';
import { ink } from '../app/ink';

type Props = {
  feature: Schemas['FeatureView'];
  value: unknown;
  onChange: (value: unknown) => void;
  fault?: string;
};

type Stretch = { min?: number; max?: number };

const box = {
  font: 'inherit',
  fontSize: 15,
  color: ink.ink,
  bgcolor: ink.sheet,
  border: `1px solid ${ink.faint}`,
  p: '0 4px',
  '& input, & select': { p: '1px 0' },
} as const;

/** One wish: yes, no or either; or how many, at least and at most. */
export function FeatureWish({ feature, value, onChange, fault }: Props) {
  return (
    <Box
      sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.4, fontSize: 15 }}
      role="group"
      aria-label={feature.label}
    >
      <Box sx={{ flex: 1, color: fault ? ink.wrong : ink.ink }}>
        {fault && '✗ '}
        {feature.label}
      </Box>
      {feature.yesNo ? (
        <NativeSelect
          disableUnderline
          inputProps={{ 'aria-label': feature.label }}
          value={value === undefined ? '' : String(value)}
          onChange={(event) =>
            onChange(event.target.value === '' ? undefined : event.target.value === 'true')
          }
          sx={{ ...box, width: 104 }}
        >
          <option value="">either</option>
          <option value="true">yes</option>
          <option value="false">no</option>
        </NativeSelect>
      ) : (
        <Counted feature={feature} value={stretch(value)} onChange={onChange} />
      )}
    </Box>
  );
}

const stretch = (value: unknown): Stretch =>
  typeof value === 'number' ? { min: value, max: value } : ((value as Stretch | undefined) ?? {});

function Counted({ feature, value, onChange }: Omit<Props, 'value' | 'fault'> & { value: Stretch }) {
  const change = (end: 'min' | 'max', typed: string) => {
    const next: Stretch = typed === '' ? without(value, end) : { ...value, [end]: Number(typed) };
    onChange(next.min === undefined && next.max === undefined ? undefined : next);
  };
  return (['min', 'max'] as const).map((end) => (
    <InputBase
      key={end}
      type="number"
      placeholder={end === 'min' ? 'from' : 'to'}
      inputProps={{
        'aria-label': `${feature.label}, ${end === 'min' ? 'at least' : 'at most'}`,
        min: feature.least,
        max: feature.most,
      }}
      value={value[end] ?? ''}
      onChange={(event) => change(end, event.target.value)}
      sx={{ ...box, width: 56 }}
    />
  ));
}
