import { Box, Button, InputBase } from '@mui/material';
import { useId, useState } from 'react';
import { Field } from '../app/Field';
import { Lines } from '../app/Lines';
import { digits, ink } from '../app/ink';
import { ListOfAnotherWindow } from './ListOfAnotherWindow';
import { namesIn } from './NewClass';
import { useKeepClass, type Listed, type SchoolClass, type WhoIsMeant } from './useClasses';
import { WhoQuestions } from './WhoQuestions';

type Line = { id: number; name: string; out: boolean };

const linesOf = (of: SchoolClass): Line[] => of.pupils.map((pupil) => ({ ...pupil, out: false }));

/** A class's list: each line knows whose it is, so that a name is corrected and nobody is lost. */
export function ClassForm({ of, onDone }: { of: SchoolClass; onDone: () => void }) {
  const [base, setBase] = useState(of);
  const [name, setName] = useState(of.name);
  const [lines, setLines] = useState(() => linesOf(of));
  const [more, setMore] = useState('');
  /** A whole list pasted in the place of the lines; it is compared with who is known. */
  const [pasted, setPasted] = useState<string>();
  const [answers, setAnswers] = useState(new Map<string, Listed>());
  const [said, setSaid] = useState('');
  const keep = useKeepClass(of.id);
  const id = useId();

  const become = (now: SchoolClass) => {
    setBase(now);
    setName(now.name);
    setLines(linesOf(now));
    setMore('');
    setPasted(undefined);
    setAnswers(new Map());
  };
  const changed =
    name !== base.name ||
    more !== '' ||
    pasted !== undefined ||
    lines.some((line, index) => line.out || line.name !== base.pupils[index]?.name);
  // What comes in by another way is shown at once; what is typed here stays, and Keep asks about both.
  if (of.revision > base.revision && !changed) {
    become(of);
  }
  const typed = (text: string): Listed[] =>
    namesIn(text).map((each) => answers.get(each.trim()) ?? { name: each });
  const listed: Listed[] =
    pasted === undefined
      ? [
          ...lines.filter((line) => !line.out).map((line) => ({ id: line.id, name: line.name })),
          ...typed(more),
        ]
      : typed(pasted);
  const send = (pupils: Listed[], revision: number) => {
    setSaid('');
    keep.mutate(
      { name, pupils, revision },
      {
        onSuccess: (now) => {
          become(now);
          setSaid('✓ Kept.');
          onDone();
        },
      },
    );
  };
  const set = (index: number, change: Partial<Line>) =>
    setLines(lines.map((line, i) => (i === index ? { ...line, ...change } : line)));
  const questions = (keep.error?.questions ?? []) as WhoIsMeant[];
  const theirs = keep.error?.status === 409 ? (keep.error.current as SchoolClass) : undefined;
  const faults =
    questions.length > 0 || theirs
      ? []
      : (keep.error?.faults.filter(({ field }) => field !== 'name').map(({ message }) => message) ?? []);
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        send(listed, base.revision);
      }}
      sx={{ maxWidth: 420, my: 1.5 }}
    >
      <Field
        label="Name of the class"
        value={name}
        onChange={setName}
        fault={keep.error?.about('name')}
        autoFocus
      />
      {pasted === undefined ? (
        <>
          <Box component="ol" aria-label="Pupils" sx={{ m: 0, pl: 3.5, color: ink.faint }}>
            {lines.map((line, index) => (
              <Box component="li" key={line.id} sx={{ py: 0.125 }}>
                <Box sx={{ display: 'flex', alignItems: 'center' }}>
                  <InputBase
                    value={line.name}
                    disabled={line.out}
                    onChange={(event) => set(index, { name: event.target.value })}
                    inputProps={{ 'aria-label': `Name of pupil ${index + 1}`, autoComplete: 'off' }}
                    sx={{
                      flex: 1,
                      font: `400 17px ${digits}`,
                      borderBottom: `1px solid ${ink.hair}`,
                      '& input': { p: '1px 0' },
                      textDecoration: line.out ? 'line-through' : undefined,
                    }}
                  />
                  <Button
                    onClick={() => set(index, { out: !line.out })}
                    aria-label={line.out ? `Leave in ${line.name}` : `Take out ${line.name}`}
                    sx={{ p: '0 6px', minWidth: 76, fontSize: 14, fontWeight: 400 }}
                  >
                    {line.out ? 'Leave in' : 'Take out'}
                  </Button>
                </Box>
              </Box>
            ))}
          </Box>
          <Box
            component="label"
            htmlFor={id}
            sx={{ display: 'block', color: ink.faint, fontSize: 14, mt: 1 }}
          >
            More pupils, a short name a line
          </Box>
          <Lines
            id={id}
            value={more}
            onChange={(event) => setMore(event.target.value)}
            minRows={2}
            maxRows={20}
            faults={faults}
          />
        </>
      ) : (
        <>
          <Box component="label" htmlFor={id} sx={{ color: ink.faint, fontSize: 14 }}>
            The whole list, a short name a line
          </Box>
          <Lines
            id={id}
            value={pasted}
            onChange={(event) => setPasted(event.target.value)}
            minRows={8}
            maxRows={24}
            faults={faults}
            autoFocus
          />
        </>
      )}
      {questions.length > 0 && (
        <WhoQuestions
          questions={questions}
          onSay={(said) => {
            const all = new Map([...answers, ...said]);
            setAnswers(all);
            send(
              listed.map((line) => all.get((line.name ?? '').trim()) ?? line),
              base.revision,
            );
          }}
        />
      )}
      {theirs && (
        <ListOfAnotherWindow
          base={base}
          theirs={theirs}
          onTheirs={() => {
            become(theirs);
            keep.reset();
          }}
          onBoth={(there) => send([...listed, ...there], theirs.revision)}
        />
      )}
      <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
        <Button type="submit" variant="contained" disabled={keep.isPending}>
          Keep
        </Button>
        <Button
          onClick={() => {
            become(base);
            keep.reset();
            setSaid('As it was kept last.');
            onDone();
          }}
        >
          Leave the list as it was
        </Button>
        <Button
          onClick={() =>
            setPasted(pasted === undefined ? lines.map((line) => line.name).join('\n') : undefined)
          }
        >
          {pasted === undefined ? 'Paste a whole list' : 'Back to the lines'}
        </Button>
      </Box>
      <Box role="status" sx={{ color: ink.right, minHeight: 24 }}>
        {said}
      </Box>
      <Box sx={{ color: ink.faint, fontSize: 14 }}>
        A corrected name keeps all that is the child’s. Who is taken out leaves the class; what they did is
        kept, and they can come back.
      </Box>
    </Box>
  );
}
