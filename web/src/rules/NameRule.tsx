import type { Schemas } from '../api/client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Field } from '../app/Field';
import { isRule, useNameRule, useRules } from './useRules';

type Props = { rule: string; operation: Schemas['Operation']; name: string };

/** Gives a rule that was worked out a name, by which the school knows it from then on; nothing beside a slip of the list. */
export function NameRule({ rule, operation, name }: Props) {
  const rules = useRules();
  const keep = useNameRule();
  const [typed, setTyped] = useState<string>();
  if (!isRule(rule)) {
    return null;
  }
  const known = rules.data?.find((each) => each.rule === rule && each.operation === operation);
  if (typed === undefined) {
    return (
      <Button onClick={() => setTyped(known?.name ?? '')} aria-label={`Give a name to: ${name}`}>
        {known ? 'Another name' : 'Give it a name'}
      </Button>
    );
  }
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate({ rule, operation, name: typed }, { onSuccess: () => setTyped(undefined) });
      }}
      onKeyDown={(event) => event.key === 'Escape' && setTyped(undefined)}
      sx={{
        display: 'flex',
        gap: 1,
        alignItems: 'flex-start',
        flexBasis: '100%',
        maxWidth: 620,
        '& button': { whiteSpace: 'nowrap' },
      }}
    >
      <Field
        label="Its name, as you would tell a colleague"
        value={typed}
        onChange={setTyped}
        fault={keep.error?.about('name') ?? keep.error?.message}
        hint="From then on the whole school’s papers are read with it."
        autoFocus
      />
      <Button type="submit" variant="outlined" disabled={keep.isPending} sx={{ mt: 1.5 }}>
        Keep
      </Button>
      <Button onClick={() => setTyped(undefined)} sx={{ mt: 1.5 }}>
        Leave it without a name
      </Button>
    </Box>
  );
}
