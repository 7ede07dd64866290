import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';
import { Tabs } from '../app/Tabs';
import { dayInWords } from '../app/timeInWords';
import { Trouble } from '../app/Trouble';
import { FactSign, MissingSign } from './FactSign';
import { FactTable } from './FactTable';
import { Legend } from './Legend';
import { useFactRound, useFacts, type Whose } from './useGlance';

type Square = Schemas['FactSquare'];

/** The facts of a pupil or a class as squares, with what was said for each and a way to practise those that are missed. */
export function FactsPicture({ whose, name }: { whose: Whose; name: string }) {
  const facts = useFacts(whose);
  const [chosenTable, setTable] = useState<Schemas['FactTableView']['id']>();
  const [chosen, setChosen] = useState<Square>();
  const make = useFactRound();
  const navigate = useNavigate();
  if (!facts.data) {
    return facts.isError ? (
      <Trouble message={facts.error.message} />
    ) : (
      <Box sx={{ height: 330 }}>Counting the facts …</Box>
    );
  }
  const { tables, states, pupils } = facts.data;
  const many = pupils > 1;
  const table =
    tables.find(({ id }) => id === chosenTable) ??
    tables.find(({ wanting }) => wanting.length > 0) ??
    tables[0];
  if (!table) {
    return null;
  }
  return (
    <Box>
      <Tabs
        label="Table of facts"
        value={table.id}
        options={tables.map(({ id, title }) => ({ id, label: title }))}
        onChange={(id) => {
          setTable(id);
          setChosen(undefined);
        }}
      />
      <Box sx={{ color: ink.faint, fontSize: 15, my: 0.5 }}>{table.say}</Box>
      <Box sx={{ display: 'flex', columnGap: 4, rowGap: 1, flexWrap: 'wrap' }}>
        <FactTable table={table} many={many} chosen={chosen} onChoose={setChosen} />
        <Box sx={{ flex: '1 1 260px', maxWidth: 460, minWidth: 0 }}>
          <Legend
            signs={[
              ...states
                .filter(({ id }) => !many || id === 'known' || id === 'not-met' || id === 'seldom')
                .map(({ id, label }) => ({
                  sign: <FactSign state={id} said="54" size={18} />,
                  means: label,
                })),
              ...(many
                ? [{ sign: <MissingSign missing={3} met={6} size={18} />, means: 'how many miss it' }]
                : []),
            ]}
          />
          {table.wanting.length > 0 && (
            <Button
              variant="outlined"
              disabled={make.isPending}
              onClick={() =>
                make.mutate(
                  { facts: table.wanting, whose: name },
                  { onSuccess: ({ setId }) => navigate(`/sets/${setId}`) },
                )
              }
            >
              Make two minutes with {table.wanting.map((fact) => textOf(table, fact)).join(', ')}
            </Button>
          )}
          <Trouble message={make.error?.message} />
          <Box role="status" sx={{ mt: 1 }}>
            {chosen ? (
              <Chosen square={chosen} many={many} />
            ) : (
              <Box sx={{ color: ink.faint }}>Press a square for what was answered.</Box>
            )}
          </Box>
        </Box>
      </Box>
    </Box>
  );
}

const textOf = (table: Schemas['FactTableView'], fact: string) =>
  table.squares.find((square) => square.fact === fact)?.text ?? fact;

function Chosen({ square, many }: { square: Square; many: boolean }) {
  return (
    <>
      <b>{square.say}.</b>
      {square.misses.map((miss) => (
        <Box key={`${miss.marking} ${miss.pupil} ${miss.question}`} sx={{ fontSize: 15, py: 0.2 }}>
          {many && <Link to={`/pupils/${miss.pupil}`}>{miss.name}</Link>} {dayInWords(miss.day)}:{' '}
          <Link to={`/marking/${miss.marking}?pupil=${miss.pupil}`} style={{ fontFamily: digits }}>
            {miss.problem}
          </Link>{' '}
          as <span style={{ fontFamily: digits }}>{miss.given}</span>, {miss.said} for {square.text}
        </Box>
      ))}
    </>
  );
}
