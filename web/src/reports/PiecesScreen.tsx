import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { Field } from '../app/Field';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { dayInWords } from '../app/timeInWords';
import { useQuery } from '../app/useQuery';

type Piece = Schemas['PieceView'];

/** Dated pieces of unaided work, each with two judgements side by side. */
export function PiecesScreen() {
  const id = Number(useParams().id);
  const path = { params: { path: { id } } };
  const pieces = useQuery<Schemas['PiecesView'], Refused>({
    queryKey: keys.pieces(id),
    queryFn: () => ask(api.GET('/api/pupils/{id}/work', path)),
    staleTime: 0,
  });
  const [opened, setOpened] = useState<string>();
  if (!pieces.data) {
    return (
      <Box sx={{ p: 4 }}>
        {pieces.isError ? <Trouble message={pieces.error.message} /> : 'Fetching the work …'}
      </Box>
    );
  }
  const key = (piece: Piece) => `${piece.marking} ${piece.question}`;
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '16px 28px' }, maxWidth: 1040 }}>
      <Box component="h1" sx={{ m: 0 }}>
        Work of {pieces.data.pupil} to judge together
      </Box>
      <Box sx={{ color: ink.faint, mb: 1.5 }}>
        Unaided first answers, the latest last. Two colleagues judge each apart from one another; where they
        differ, both stay. <Link to={`/pupils/${id}`}>To the record</Link>
        {' · '}
        <Link to={`/pupils/${id}/work/pages`}>To print, or keep as PDF</Link>
      </Box>
      {pieces.data.pieces.length === 0 && <Box sx={{ color: ink.faint }}>No unaided work is marked yet.</Box>}
      {pieces.data.pieces.map((piece) => (
        <Box key={key(piece)} sx={{ borderTop: `1px solid ${ink.hair}`, py: 0.75 }}>
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '110px 180px minmax(0, 1fr) minmax(0, 1fr)' },
              gap: 2,
            }}
          >
            <span>{dayInWords(piece.day)}</span>
            <Box sx={{ fontFamily: digits }}>
              {piece.problem} {piece.right ? '✓' : `✗ ${piece.given}`}
            </Box>
            {[0, 1].map((place) => {
              const judgement = piece.judgements[place];
              return judgement ? (
                <Box key={place}>
                  <b>{judgement.judge}</b>: {judgement.says}
                </Box>
              ) : (
                <Box key={place}>
                  {place === piece.judgements.length && (
                    <Button
                      sx={{ p: '0 4px' }}
                      onClick={() => setOpened(opened === key(piece) ? undefined : key(piece))}
                      aria-label={`${place === 0 ? 'Judge' : 'A second judgement'} of ${piece.problem}`}
                    >
                      {place === 0 ? 'Judge' : 'A second judgement'}
                    </Button>
                  )}
                </Box>
              );
            })}
          </Box>
          {opened === key(piece) && <JudgeForm id={id} piece={piece} onDone={() => setOpened(undefined)} />}
        </Box>
      ))}
    </Box>
  );
}

function JudgeForm({ id, piece, onDone }: { id: number; piece: Piece; onDone: () => void }) {
  const queries = useQueryClient();
  const [judge, setJudge] = useState('');
  const [says, setSays] = useState('');
  const keep = useMutation<Schemas['PiecesView'], Refused>({
    mutationFn: () =>
      ask(
        api.POST('/api/pupils/{id}/work', {
          params: { path: { id } },
          body: { marking: piece.marking, question: piece.question, judge, says },
        }),
      ),
    onSuccess: (view) => {
      queries.setQueryData(keys.pieces(id), view);
      onDone();
    },
  });
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate();
      }}
      sx={{ display: 'flex', gap: 2, alignItems: 'flex-start', flexWrap: 'wrap', mt: 1 }}
    >
      <Box sx={{ width: 200 }}>
        <Field
          label="Who judges"
          value={judge}
          onChange={setJudge}
          fault={keep.error?.about('judge')}
          autoFocus
        />
      </Box>
      <Box sx={{ width: 420 }}>
        <Field label="What you see" value={says} onChange={setSays} fault={keep.error?.about('says')} />
      </Box>
      <Button type="submit" variant="outlined" sx={{ mt: 1 }} disabled={keep.isPending}>
        Keep
      </Button>
      <Trouble
        message={
          keep.error && !keep.error.about('judge') && !keep.error.about('says')
            ? keep.error.message
            : undefined
        }
      />
    </Box>
  );
}
