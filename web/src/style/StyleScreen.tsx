import {
  Box,
  Button,
  FormControl,
  FormControlLabel,
  FormLabel,
  Radio,
  RadioGroup,
  Typography,
} from '@mui/material';
import { useDeferredValue, useState } from 'react';
import type { Schemas } from '../api/client';
import { Field } from '../app/Field';
import { Tabs } from '../app/Tabs';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useStyle, useStyleChange, useStyleExamples } from '../paper/usePaper';
import { ChoiceExample } from './ChoiceExample';
import { HowCodes } from './HowCodes';
import { HowWeWriteIt } from './HowWeWriteIt';
import { OwnWords } from './OwnWords';

const parts = [
  { id: 'choices', label: 'Choices' },
  { id: 'words', label: 'Own words and keys' },
  { id: 'codes', label: 'Marking codes' },
  { id: 'page', label: 'How we write it' },
] as const;
type Part = (typeof parts)[number]['id'];

/** House style: how a teacher writes and speaks, in their own words too, and the pages that show it to others. */
export function StyleScreen() {
  const [part, setPart] = useState<Part>('choices');
  return (
    <Box sx={{ p: { xs: '10px 12px', md: '18px 28px 28px 26px' }, maxWidth: 1180 }}>
      <Typography variant="h1">House style</Typography>
      <Box component="p" sx={{ color: ink.faint, m: '4px 0 0', maxWidth: 760 }}>
        How you write and speak. Every paper, board and print follows; on Paper, “Writing” changes one working
        only if you say so.
      </Box>
      <Box sx={{ mt: 2 }}>
        <Tabs label="House style" value={part} options={[...parts]} onChange={setPart} />
      </Box>
      {part === 'choices' && <Choices />}
      {part === 'words' && <OwnWords />}
      {part === 'codes' && <HowCodes />}
      {part === 'page' && <HowWeWriteIt />}
    </Box>
  );
}

/** Every choice of writing and speaking, each with a small live example. */
function Choices() {
  const style = useStyle();
  return style.data ? <Sections style={style.data} /> : <Trouble message={style.error?.message} />;
}

/** What is far below the window is neither laid out nor drawn before it comes near. */
const belowLater = { mt: 3.5, contentVisibility: 'auto', containIntrinsicSize: 'auto 900px' } as const;

/** The choices by what is being written, searched by a word; those that differ from the usual come first. */
function Sections({ style: { choices, chosen, signs } }: { style: Schemas['StyleView'] }) {
  const change = useStyleChange();
  // The choices are there first; drawing sixty small papers would keep them waiting.
  const examples = useDeferredValue(useStyleExamples().data);
  const [search, setSearch] = useState('');
  // What is chosen now stays where it is, under the hand that chooses.
  const [atFirst] = useState(chosen);
  const words = search.toLowerCase().split(' ').filter(Boolean);
  const found = choices.filter((choice) => words.every((word) => wordsOf(choice).includes(word)));
  const own = found.filter((choice) => atFirst[choice.id] !== choice.options[0]?.id);
  const sections = [
    { title: 'Otherwise than a new school begins', choices: own, isOfSigns: false },
    ...[...new Set(found.map((choice) => choice.group))].map((group) => ({
      title: group,
      choices: found.filter((choice) => choice.group === group && !own.includes(choice)),
      isOfSigns: choices.every((choice) => choice.group !== group || choice.id in signs),
    })),
  ].filter((section) => section.choices.length > 0);
  return (
    <>
      <Trouble message={change.error?.message} />
      <Box sx={{ mt: 2, maxWidth: 320 }}>
        <Field label="Search the choices" value={search} onChange={setSearch} type="search" />
      </Box>
      <Box role="status" sx={{ color: ink.faint }}>
        {search && found.length === 0 && `No choice says “${search}”. Search for another word.`}
      </Box>
      {sections.map((section) => (
        <Box key={section.title} component="section" aria-label={section.title} sx={belowLater}>
          <Typography variant="h2" sx={{ borderBottom: `1px solid ${ink.hair}`, pb: 0.5 }}>
            {section.title}
          </Typography>
          {section.isOfSigns && (
            <Button variant="outlined" onClick={() => change.mutate(signs)} sx={{ mt: 1.5 }}>
              Switch all of them on
            </Button>
          )}
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: 'repeat(auto-fill, minmax(min(320px, 100%), 1fr))',
              gap: '26px 34px',
              mt: 2,
            }}
          >
            {section.choices.map((choice) => (
              <OneChoice
                key={choice.id}
                choice={choice}
                chosen={chosen}
                example={examples?.find((example) => example.choice === choice.id)}
                onChoose={(option) => change.mutate({ [choice.id]: option })}
              />
            ))}
          </Box>
        </Box>
      ))}
    </>
  );
}

/** All that is said of a choice, to be searched. */
const wordsOf = (choice: Schemas['ChoiceView']) =>
  [choice.group, choice.title, ...choice.options.map((option) => option.label)].join(' ').toLowerCase();

type Props = {
  choice: Schemas['ChoiceView'];
  chosen: Record<string, string>;
  example: Schemas['ShownChoiceView'] | undefined;
  onChoose: (option: string) => void;
};

function OneChoice({ choice, chosen, example, onChoose }: Props) {
  return (
    <FormControl component="fieldset" sx={{ minWidth: 0 }}>
      <FormLabel
        component="legend"
        sx={{ fontWeight: 650, color: ink.ink, '&.Mui-focused': { color: ink.ink } }}
      >
        {choice.title}
      </FormLabel>
      <RadioGroup name={choice.id} value={chosen[choice.id] ?? ''} onChange={(_, option) => onChoose(option)}>
        {choice.options.map((option) => (
          <FormControlLabel key={option.id} value={option.id} label={option.label} control={<Radio />} />
        ))}
      </RadioGroup>
      <ChoiceExample choice={choice} example={example} />
    </FormControl>
  );
}
