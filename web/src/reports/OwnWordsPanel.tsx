import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Box, Button, Checkbox, FormControlLabel, TextField } from '@mui/material';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useDraft } from '../app/useDraft';

type Worded = Pick<Schemas['WordedView'], 'own' | 'page' | 'sections'>;

type Props = {
  worded: Worded;
  query: unknown[];
  /** What its own words are for, where it is more than a greeting. */
  asks?: string;
};

/** The teacher's own words on a page, and which of its sections are printed. */
export function OwnWordsPanel({ worded, query, asks }: Props) {
  const queries = useQueryClient();
  const { typed: words, type, done } = useDraft(`words on ${worded.page}`, worded.own.words);
  const keep = useMutation<Schemas['OwnWords'], Refused, Schemas['OwnWords']>({
    mutationFn: (own) =>
      ask(api.PUT('/api/page-words/{page}', { params: { path: { page: worded.page } }, body: own })),
    onSuccess: () => {
      done();
      return queries.invalidateQueries({ queryKey: query });
    },
  });
  const { without } = worded.own;
  const turn = (section: string) =>
    keep.mutate({
      words,
      without: without.includes(section) ? without.filter((each) => each !== section) : [...without, section],
    });
  return (
    <Box
      component="section"
      aria-label="Your own words"
      sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}
    >
      <TextField
        label={asks ?? 'Your own words, printed first'}
        value={words}
        onChange={(event) => type(event.target.value)}
        error={Boolean(keep.error?.about('words'))}
        helperText={keep.error?.about('words') && <Trouble message={keep.error.about('words')} />}
        multiline
        minRows={3}
        maxRows={12}
        fullWidth
        slotProps={{ inputLabel: { shrink: true }, formHelperText: { component: 'div' } as object }}
      />
      <Button
        variant="outlined"
        sx={{ alignSelf: 'flex-start' }}
        disabled={keep.isPending || words === worded.own.words}
        onClick={() => keep.mutate({ words, without })}
      >
        Put them on the page
      </Button>
      <Box role="status" sx={{ color: ink.faint, fontSize: 14.5 }}>
        {words !== worded.own.words && 'These words are on this device and not on the page yet.'}
      </Box>
      <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
        <Box component="legend" sx={{ p: 0, fontWeight: 700, color: ink.ink }}>
          On the page
        </Box>
        {worded.sections.map((section) => (
          <FormControlLabel
            key={section}
            sx={{ display: 'flex', mr: 0 }}
            control={
              <Checkbox
                size="small"
                checked={!without.includes(section)}
                disabled={keep.isPending}
                onChange={() => turn(section)}
              />
            }
            label={section}
          />
        ))}
      </Box>
      <Trouble message={keep.error && !keep.error.about('words') ? keep.error.message : undefined} />
    </Box>
  );
}
