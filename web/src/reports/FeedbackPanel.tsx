import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Box, TextField } from '@mui/material';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useDraft } from '../app/useDraft';
import { useQuery } from '../app/useQuery';

type ToChild = Schemas['FeedbackView'];
type Props = { marking: number; query: unknown[] };

/** What each child of a pile is told, in words that the teacher can change. */
export function FeedbackPanel({ marking, query }: Props) {
  const said = useQuery<ToChild[], Refused>({
    queryKey: keys.markings.feedback(marking),
    queryFn: () => ask(api.GET('/api/markings/{id}/feedback', { params: { path: { id: marking } } })),
    staleTime: 0,
  });
  return (
    <Box component="section" aria-label="What each child is told">
      <Box component="h2" sx={{ m: 0, fontSize: 17 }}>
        What each child is told
      </Box>
      <Box sx={{ color: ink.faint, fontSize: 14, mb: 1.5 }}>
        Two sentences of twelve words at most. Change them as you like; empty, they are made from the answers
        again.
      </Box>
      <Trouble message={said.error?.message} />
      {said.data?.map((each) => (
        <OneChild key={`${each.pupil.id} ${each.words}`} child={each} marking={marking} query={query} />
      ))}
    </Box>
  );
}

function OneChild({ child, marking, query }: Props & { child: ToChild }) {
  const queries = useQueryClient();
  const { typed, type, done } = useDraft(`feedback ${marking} ${child.pupil.id}`, child.words);
  const keep = useMutation<ToChild[], Refused, string>({
    mutationFn: (words) =>
      ask(
        api.PUT('/api/markings/{id}/feedback/{pupil}', {
          params: { path: { id: marking, pupil: child.pupil.id } },
          body: { words },
        }),
      ),
    onSuccess: (all) => {
      done();
      queries.setQueryData(keys.markings.feedback(marking), all);
      return queries.invalidateQueries({ queryKey: query });
    },
  });
  const save = () => {
    if (typed !== child.words && !keep.isPending) {
      keep.mutate(typed);
    }
  };
  return (
    <TextField
      label={child.own ? `${child.pupil.name}, in your words` : child.pupil.name}
      value={typed}
      onChange={(event) => type(event.target.value)}
      onBlur={save}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          event.preventDefault();
          save();
        }
      }}
      error={keep.isError}
      helperText={keep.isError && <Trouble message={keep.error.about('words') ?? keep.error.message} />}
      multiline
      fullWidth
      sx={{ mb: 1.5 }}
      slotProps={{ inputLabel: { shrink: true }, formHelperText: { component: 'div' } as object }}
    />
  );
}
