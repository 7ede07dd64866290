import type { Schemas } from '../api/client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Field } from '../app/Field';
import { Select } from '../app/Select';
import { ink } from '../app/ink';
import { without } from '../app/without';
import { Trouble } from '../app/Trouble';
import { AddQuestions } from './AddQuestions';
import { FeatureWish } from './FeatureWish';
import type { SetEditor } from './useSetEditor';
import { emptySet } from './emptySet';
import { useDraw, type Ladder, type SetContent } from './useSets';

export type Want = Record<string, unknown>;

/** What a set is called that holds questions of a rung, or of an operation. */
function nameOf(ladders: Ladder[], operation: Schemas['Operation'] | undefined, rung?: string) {
  const ladder = ladders.find((each) => each.operation === operation);
  return [ladder?.title, ladder?.rungs.find((each) => each.id === rung)?.title].filter(Boolean).join(': ');
}

/** Whether a set still has the name that it got here, and none of its teacher's own. */
const isOurs = (set: SetContent, ladders: Ladder[]) =>
  set.title === emptySet().title || set.title === nameOf(ladders, set.operation, set.rung);

/** What the questions should be like: a rung, or features one by one; and how many. */
export function DesignPanel({ editor, ladders }: { editor: SetEditor; ladders: Ladder[] }) {
  const { content } = editor;
  const [operation, setOperation] = useState<Schemas['Operation']>(content.operation ?? 'addition');
  const [rung, setRung] = useState(content.rung ?? '');
  const [want, setWant] = useState<Want>(content.want ?? {});
  const [count, setCount] = useState('12');
  const [order, setOrder] = useState('mixed');
  const [seed, setSeed] = useState(String(content.seed ?? 1));
  const draw = useDraw();
  const ladder = ladders.find((each) => each.operation === operation);
  const chosen = ladder?.rungs.find((each) => each.id === rung);

  const chooseOperation = (id: Schemas['Operation']) => {
    setOperation(id);
    setRung('');
    setWant({});
  };
  const chooseRung = (id: string) => {
    setRung(id);
    setWant(ladder?.rungs.find((each) => each.id === id)?.want ?? {});
  };
  const wish = (feature: string, value: unknown) => {
    setRung('');
    setWant(value === undefined ? without(want, feature) : { ...want, [feature]: value });
  };
  const drawWith = (withSeed: string, adding: boolean) => {
    const request = {
      operation,
      count: Number(count),
      seed: Number(withSeed),
      want,
      easiestFirst: order === 'easiest',
    };
    draw.mutate(request, {
      onSuccess: ({ problems }) =>
        adding
          ? editor.add(problems)
          : editor.replaceAll(problems, {
              operation,
              rung: rung || undefined,
              want,
              seed: request.seed,
              title: isOurs(content, ladders) ? nameOf(ladders, operation, rung) : content.title,
            }),
    });
  };
  const drawAnew = () => {
    const fresh = String(Math.floor(Math.random() * 100_000));
    setSeed(fresh);
    drawWith(fresh, false);
  };

  return (
    <Box sx={{ pr: 1, pb: 2 }}>
      <Select
        label="Operation"
        value={operation}
        options={ladders.map(({ operation: id, title }) => ({ id, label: title }))}
        onChange={chooseOperation}
      />
      <Select
        label="Step"
        value={rung}
        options={[
          { id: '', label: 'features of my own' },
          ...(ladder?.rungs.map((each, i) => ({ id: each.id, label: `${i + 1}  ${each.title}` })) ?? []),
        ]}
        onChange={chooseRung}
      />
      <Box sx={{ color: ink.faint, fontSize: 14, minHeight: 38, mt: 0.5 }}>{chosen?.news}</Box>
      {ladder?.features.map((feature) => (
        <FeatureWish
          key={`${operation} ${feature.id}`}
          feature={feature}
          value={want[feature.id]}
          onChange={(value) => wish(feature.id, value)}
          fault={draw.error?.about(`want.${feature.id}`)}
        />
      ))}
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, mt: 1.5 }}>
        <Field
          label="How many"
          inputMode="numeric"
          value={count}
          onChange={(typed) => setCount(typed.replace(/\D/g, ''))}
          fault={draw.error?.about('count')}
        />
        <Field
          label="Draw number"
          inputMode="numeric"
          value={seed}
          onChange={(typed) => setSeed(typed.replace(/\D/g, '').slice(0, 12))}
          fault={draw.error?.about('seed')}
          hint="the same number draws the same again"
        />
      </Box>
      <Select
        label="In which order"
        value={order}
        options={[
          { id: 'mixed', label: 'mixed' },
          { id: 'easiest', label: 'fewest figures first' },
        ]}
        onChange={setOrder}
      />
      <Trouble message={draw.error?.message} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
        <Button variant="contained" onClick={() => drawWith(seed, false)} disabled={draw.isPending}>
          Draw questions
        </Button>
        <Button variant="outlined" onClick={() => drawWith(seed, true)} disabled={draw.isPending}>
          Add these questions
        </Button>
        <Button onClick={drawAnew} disabled={draw.isPending}>
          Other numbers for all
        </Button>
      </Box>
      <AddQuestions editor={editor} />
    </Box>
  );
}
