import { Box, Typography } from '@mui/material';
import type { Schemas } from '../api/client';
import { ink } from '../app/theme';
import { Trouble } from '../app/Trouble';
import { useStyle, useStyleChange } from '../paper/usePaper';
import { ChoiceExample } from './ChoiceExample';

/** House style: every choice of writing and speaking, each with a small live example. */
export function StyleScreen() {
  const style = useStyle();
  const change = useStyleChange();
  const groups = [...new Set(style.data?.choices.map((choice) => choice.group))];
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '18px 28px 28px 26px' }, maxWidth: 1180 }}>
      <Typography variant="h1">House style</Typography>
      <Box component="p" sx={{ color: ink.faint, m: '4px 0 0', maxWidth: 760 }}>
        How you write and speak. Every paper, board and print follows; on Paper, “Writing” changes one working
        only if you say so.
      </Box>
      <Trouble message={style.error?.message ?? change.error?.message} />
      {groups.map((group) => (
        <Box key={group} component="section" aria-label={group} sx={{ mt: 3.5 }}>
          <Typography variant="h2" sx={{ borderBottom: `1px solid ${ink.hair}`, pb: 0.5 }}>
            {group}
          </Typography>
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: 'repeat(auto-fill, minmax(320px, 1fr))',
              gap: '26px 34px',
              mt: 2,
            }}
          >
            {style.data?.choices
              .filter((choice) => choice.group === group)
              .map((choice) => (
                <OneChoice
                  key={choice.id}
                  choice={choice}
                  chosen={style.data.chosen}
                  onChoose={(option) => change.mutate({ [choice.id]: option })}
                />
              ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

type Props = {
  choice: Schemas['ChoiceView'];
  chosen: Record<string, string>;
  onChoose: (option: string) => void;
};

function OneChoice({ choice, chosen, onChoose }: Props) {
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <Box component="legend" sx={{ p: 0, fontWeight: 650, mb: 0.5 }}>
        {choice.title}
      </Box>
      {choice.options.map((option) => (
        <Box key={option.id} component="label" sx={{ display: 'flex', gap: 1, lineHeight: 1.6 }}>
          <input
            type="radio"
            name={choice.id}
            checked={chosen[choice.id] === option.id}
            onChange={() => onChoose(option.id)}
          />
          {option.label}
        </Box>
      ))}
      <ChoiceExample choice={choice} chosen={chosen} />
    </Box>
  );
}
