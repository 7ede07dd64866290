import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Select } from '../app/Select';
import { Tick } from '../app/Tick';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useStyle } from '../paper/usePaper';
import { useSet } from '../sets/useSets';
import { markings } from './BeginScreen';
import { plain, useBeginRun } from './useAttempts';

/** A set is worked through: how, and with which checks. */
export function BeginRunScreen() {
  const id = Number(useParams().id);
  const set = useSet(id);
  const style = useStyle();
  const begin = useBeginRun();
  const navigate = useNavigate();
  const [settings, setSettings] = useState(plain);
  const [checked, setChecked] = useState<number[]>([]);
  const fault = set.error ?? style.error;
  if (fault) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={fault.message} />
      </Box>
    );
  }
  if (!set.data || !style.data) {
    return <Box sx={{ p: 4 }}>Fetching the set …</Box>;
  }
  const { content, questions } = set.data;
  const start = () =>
    begin.mutate(
      content.questions.map(({ problem }, index) => ({
        work: { problem, typedPoint: 'point', style: style.data.chosen },
        settings: { ...settings, withCheck: checked.includes(index) },
        setId: id,
        question: index + 1,
        label: content.tag,
      })),
      { onSuccess: (run) => navigate(`/write/${run.first}`) },
    );
  return (
    <Box sx={{ p: { xs: '14px', md: '22px 28px' }, maxWidth: 620 }}>
      <Box component="h1" sx={{ m: 0, mb: 0.5 }}>
        Work {content.title} through
      </Box>
      <Box sx={{ color: ink.faint, mb: 2 }}>
        One paper a question, {content.questions.length} in all; marked together at the end, then walked
        through.
      </Box>
      <Tick
        label="Set the numbers out too"
        checked={settings.settingOut}
        onChange={(settingOut) => setSettings({ ...settings, settingOut })}
      />
      <Tick
        label="Show which square comes next"
        checked={settings.led}
        onChange={(led) => setSettings({ ...settings, led })}
      />
      <Box sx={{ my: 1.5 }}>
        <Select
          label="It is marked"
          value={settings.marking ?? 'end'}
          options={markings}
          onChange={(marking) => setSettings({ ...settings, marking })}
        />
      </Box>
      <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, mb: 2, maxHeight: '38vh', overflow: 'auto' }}>
        <Box component="legend" sx={{ color: ink.faint, fontSize: 14, p: 0 }}>
          The check is written too for
        </Box>
        {content.questions.map(({ problem }, index) => (
          <Box key={index} sx={{ fontFamily: digits }}>
            <Tick
              label={`${index + 1}  ${questions[index]?.written ?? problem}`}
              checked={checked.includes(index)}
              onChange={(on) =>
                setChecked(on ? [...checked, index] : checked.filter((each) => each !== index))
              }
            />
          </Box>
        ))}
      </Box>
      <Button
        variant="contained"
        onClick={start}
        disabled={begin.isPending || content.questions.length === 0}
      >
        Take the papers
      </Button>
      <Trouble message={begin.error?.message} />
    </Box>
  );
}
