import { Box } from '@mui/material';
import { useState, type KeyboardEvent } from 'react';
import type { Schemas } from '../api/client';
import { digits, ink } from '../app/ink';
import { FactSign, MissingSign } from './FactSign';

type Square = Schemas['FactSquare'];
type Props = {
  table: Schemas['FactTableView'];
  /** Whether it is of several pupils. */
  many: boolean;
  chosen?: Square;
  onChoose: (square: Square) => void;
};

const size = 27;
const moves: Record<string, [number, number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};
const signs: Record<string, string> = { plus: '+', minus: '−', times: '×' };

/** The facts of one table, a square each; one stop for who comes by keyboard, arrows within. */
export function FactTable({ table, many, chosen, onChoose }: Props) {
  const [at, setAt] = useState<[number, number]>([1, 1]);
  const numbers = Array.from({ length: table.most }, (_, i) => i + 1);
  const move = (event: KeyboardEvent<HTMLElement>) => {
    const by = moves[event.key];
    if (by) {
      event.preventDefault();
      const to = at.map((each, i) => Math.max(1, Math.min(table.most, each + (by[i] ?? 0)))) as [
        number,
        number,
      ];
      setAt(to);
      event.currentTarget.querySelector<HTMLElement>(`[data-at="${to.join()}"]`)?.focus();
    }
  };
  return (
    <Box
      component="table"
      role="grid"
      aria-label={table.title}
      onKeyDown={move}
      sx={{
        borderCollapse: 'collapse',
        '& th': { font: `400 14px ${digits}`, width: size, height: size, p: 0, color: ink.faint },
        '& td': { p: 0, border: `1px solid ${ink.hair}` },
      }}
    >
      <thead>
        <tr>
          <td aria-hidden style={{ border: 0, textAlign: 'center', fontFamily: digits }}>
            {signs[table.id]}
          </td>
          {numbers.map((number) => (
            <th key={number} scope="col">
              {number}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {numbers.map((row) => (
          <tr key={row}>
            <th scope="row">{row}</th>
            {table.squares
              .filter((square) => square.row === row)
              .map((square) => (
                <td key={square.column} role="gridcell">
                  <Box
                    component="button"
                    data-at={`${square.row},${square.column}`}
                    tabIndex={at[0] === square.row && at[1] === square.column ? 0 : -1}
                    aria-label={square.say}
                    aria-pressed={chosen?.row === square.row && chosen.column === square.column}
                    title={square.say}
                    onFocus={() => setAt([square.row, square.column])}
                    onClick={() => onChoose(square)}
                    sx={{
                      display: 'block',
                      border: 0,
                      p: 0,
                      bgcolor: 'transparent',
                      cursor: 'pointer',
                      outlineOffset: -2,
                      '&[aria-pressed=true]': {
                        boxShadow: `inset 0 0 0 3px ${ink.amberDeep}`,
                        position: 'relative',
                      },
                    }}
                  >
                    {many && square.missing > 0 ? (
                      <MissingSign missing={square.missing} met={square.met} size={size} />
                    ) : (
                      <FactSign state={square.state} said={square.said} size={size} />
                    )}
                  </Box>
                </td>
              ))}
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
