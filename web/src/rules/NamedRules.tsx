import { Box, Button } from '@mui/material';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useDeleteRule, useRestoreRule, useRules } from './useRules';

/** The rules of pupils to which the school gave names, with what they do. */
export function NamedRules() {
  const rules = useRules();
  const remove = useDeleteRule();
  const restore = useRestoreRule();
  if (!rules.data || (rules.data.length === 0 && !remove.isSuccess)) {
    return null;
  }
  return (
    <Box component="section" sx={{ mt: 4 }}>
      <h2>Rules of your pupils</h2>
      <Trouble message={(remove.error ?? restore.error)?.message} />
      {remove.isSuccess && !restore.isSuccess && (
        <Box role="status" sx={{ my: 1 }}>
          The rule is off the list.{' '}
          <Button onClick={() => restore.mutate(remove.variables)}>Bring it back</Button>
        </Box>
      )}
      {rules.data.map((rule) => (
        <Box
          key={rule.id}
          sx={{
            borderTop: `1px solid ${ink.hair}`,
            py: 0.75,
            display: 'flex',
            gap: 2,
            alignItems: 'baseline',
          }}
        >
          <Box sx={{ flex: 1 }}>
            <b>{rule.name}</b>{' '}
            <Box component="span" sx={{ color: ink.faint }}>
              {rule.operation.replace('-', ' ')}: a child who {rule.does}
            </Box>
          </Box>
          <Button
            onClick={() => {
              restore.reset();
              remove.mutate(rule.id);
            }}
            aria-label={`Take ${rule.name} off the list`}
          >
            Take off
          </Button>
        </Box>
      ))}
    </Box>
  );
}
