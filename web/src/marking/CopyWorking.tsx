import { Button } from '@mui/material';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';

type Props = { marking: number; pupil: number; question: number };

/** Opens the paper on which a working is copied that the pupil wrote on paper. */
export function CopyWorking({ marking, pupil, question }: Props) {
  const navigate = useNavigate();
  const open = useMutation<Schemas['CopyView'], Refused>({
    mutationFn: () =>
      ask(
        api.POST('/api/markings/{id}/copied', {
          params: { path: { id: marking } },
          body: { pupilId: pupil, question },
        }),
      ),
    onSuccess: ({ paper }) => navigate(`/write/${paper}`),
  });
  return (
    <>
      <Button
        disabled={open.isPending}
        onClick={() => open.mutate()}
        aria-label={`Copy working of question ${question}`}
        // It stands in every row, and few need it: it does not call.
        sx={{ p: 0, fontSize: 14, fontWeight: 400, color: ink.faint }}
      >
        Copy working
      </Button>
      <Trouble message={open.error?.message} />
    </>
  );
}
