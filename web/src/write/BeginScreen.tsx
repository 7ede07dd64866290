import { Box, Button } from '@mui/material';
import { useState, type FormEvent } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { Field } from '../app/Field';
import { PageWithAside } from '../app/PageWithAside';
import { NextToWrite } from '../today/WantsNext';
import { Select } from '../app/Select';
import { Tick } from '../app/Tick';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useEntry } from '../log/useLog';
import { useSettled } from '../app/useSettled';
import { useStyle, useWorked } from '../paper/usePaper';
import { useWays } from '../paper/useWays';
import { plain, useBegin, usePaperToWriteOn } from './useAttempts';

export const markings = [
  { id: 'end', label: 'when it is handed in' },
  { id: 'asked', label: 'when asked' },
  { id: 'once', label: 'at once, figure by figure' },
];

/** A paper to write on is begun: which problem, and how it is written. */
export function BeginScreen() {
  const [search] = useSearchParams();
  const entryId = search.get('entry');
  const entry = useEntry(entryId ? Number(entryId) : undefined);
  const style = useStyle();
  if ((entryId && !entry.data && !entry.error) || (!style.data && !style.error)) {
    return <Box sx={{ p: 4 }}>Fetching paper …</Box>;
  }
  const fault = entry.error ?? style.error;
  if (fault) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={fault.message} />
      </Box>
    );
  }
  return (
    <Begin
      typed={entry.data?.problem ?? search.get('problem') ?? ''}
      asked={search.get('method') ?? entry.data?.method}
      style={entry.data?.work.style ?? style.data?.chosen}
    />
  );
}

function Begin(props: { typed: string; asked?: string; style?: Record<string, string> }) {
  const [typed, setTyped] = useState(props.typed);
  const [method, setMethod] = useState(props.asked);
  const [settings, setSettings] = useState(plain);
  const [tried, setTried] = useState(false);
  const navigate = useNavigate();
  const begin = useBegin();
  const work = { problem: typed, style: props.style, method };
  const settled = useSettled(typed);
  const worked = useWorked(settled.trim() ? { problem: settled, style: props.style } : undefined);
  const ways = useWays(worked.isError ? undefined : worked.data?.operation);
  // A method of another operation is forgotten when the problem changes.
  const known = ways?.methods.some((way) => way.id === method) ? method : undefined;
  const paper = usePaperToWriteOn(ways ? { ...work, problem: settled, method: known } : undefined, {
    settingOut: settings.settingOut,
    withCheck: settings.withCheck,
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setTried(true);
    begin.mutate(
      { work: { ...work, method: known }, settings },
      { onSuccess: (attempt) => navigate(`/write/${attempt.id}`) },
    );
  };
  return (
    <PageWithAside name="What comes next" aside={<NextToWrite />}>
      <Box component="form" noValidate onSubmit={submit} sx={{ maxWidth: 560 }}>
        <Box component="h1" sx={{ m: 0, mb: 0.5 }}>
          Write it yourself
        </Box>
        <Box sx={{ color: ink.faint, mb: 2.5 }}>
          An empty paper: you write every figure, and it is marked as a teacher would.
        </Box>
        <Field
          label="Problem"
          value={typed}
          onChange={setTyped}
          autoFocus={!typed}
          autoComplete="off"
          hint="Such as 4206 − 1358, 346 × 205 or √529."
          fault={tried ? begin.error?.message : undefined}
          style={{ fontSize: 24 }}
        />
        {ways && (
          <Box sx={{ mb: 2 }}>
            <Select
              label="By the method"
              value={known ?? paper.data?.method ?? ''}
              options={ways.methods}
              onChange={setMethod}
            />
          </Box>
        )}
        <Tick
          label="Set the numbers out too"
          checked={settings.settingOut}
          onChange={(settingOut) => setSettings({ ...settings, settingOut })}
        />
        <Tick
          label="Write the check too"
          checked={settings.withCheck}
          onChange={(withCheck) => setSettings({ ...settings, withCheck })}
        />
        <Tick
          label="Show which square comes next"
          checked={settings.led}
          onChange={(led) => setSettings({ ...settings, led })}
        />
        <Box sx={{ display: 'grid', gap: 1.5, my: 1.5 }}>
          <Select
            label="It is marked"
            value={settings.marking ?? 'end'}
            options={markings}
            onChange={(marking) => setSettings({ ...settings, marking })}
          />
          {paper.data && !settings.settingOut && (
            <Select
              label="Begin"
              value={String(settings.joinedAt)}
              options={[
                { id: '0', label: 'with the empty paper' },
                ...paper.data.joins
                  .slice(1)
                  .map(({ step, title }) => ({ id: String(step), label: `at step ${step}: ${title}` })),
              ]}
              onChange={(step) => setSettings({ ...settings, joinedAt: Number(step) })}
            />
          )}
        </Box>
        <Button type="submit" variant="contained" disabled={begin.isPending}>
          Take the paper
        </Button>
      </Box>
    </PageWithAside>
  );
}
