import { Box } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useState } from 'react';
import { ShowMore } from '../app/ShowMore';
import { digits, ink } from '../app/ink';
import { picture, type Reading, type ScannedPage } from './useScans';

type Props = {
  id: number;
  scan: number;
  pages: ScannedPage[];
  onChoose: (page: number, question: number) => void;
};

const perScreen = 30;

/** Answers that needed no look, thirty on a screen, to be glanced over; a press puts one right. */
export function ReadingsSheet({ id, scan, pages, onChoose }: Props) {
  const [most, setMost] = useState(perScreen);
  const read = pages
    .filter((page) => page.pupil)
    .flatMap((page) =>
      page.answers.filter((reading) => !reading.doubtful).map((reading) => ({ page, reading })),
    );
  if (read.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label="Read without asking" sx={{ mt: 3 }}>
      <Box component="h2" sx={{ m: 0, fontFamily: digits, fontSize: 19 }}>
        Read without asking
      </Box>
      <Box sx={{ color: ink.faint, mb: 1 }}>
        {read.length} answers. Glance over them; press one that was read wrongly.
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(132px, 1fr))', gap: 1.5 }}>
        {read.slice(0, most).map(({ page, reading }) => (
          <OneReading
            key={`${page.page}-${reading.question}`}
            name={page.pupil?.name ?? ''}
            reading={reading}
            source={picture(id, scan, page.page, reading.question)}
            onChoose={() => onChoose(page.page, reading.question)}
          />
        ))}
      </Box>
      <ShowMore
        shown={Math.min(most, read.length)}
        total={read.length}
        more={most < read.length ? () => setMost(most + perScreen) : undefined}
      />
    </Box>
  );
}

type OneProps = { name: string; reading: Reading; source: string; onChoose: () => void };

function OneReading({ name, reading, source, onChoose }: OneProps) {
  const said = reading.read || 'nothing';
  return (
    <Box
      component="button"
      type="button"
      onClick={onChoose}
      sx={{
        font: 'inherit',
        color: ink.ink,
        textAlign: 'left',
        bgcolor: ink.sheet,
        border: `1px solid ${ink.hair}`,
        p: 0.75,
        cursor: 'pointer',
        display: 'grid',
        gridTemplateRows: '104px auto auto',
      }}
    >
      <img
        src={source}
        alt=""
        loading="lazy"
        style={{ width: '100%', height: 104, objectFit: 'contain', objectPosition: 'left center' }}
      />
      <Box sx={{ fontFamily: digits, fontWeight: 700, fontSize: 18 }}>
        <Box component="span" aria-hidden sx={{ color: reading.right ? ink.right : ink.wrong }}>
          {reading.right ? '✓' : '✗'}
        </Box>{' '}
        {said}
      </Box>
      <Box sx={{ color: ink.faint, fontSize: 13 }}>
        {name} · {reading.question}
        <span style={visuallyHidden}>
          , {reading.problem}, {reading.right ? 'right' : 'wrong'}; put right
        </span>
        {reading.stands !== undefined && ` · you typed ${reading.stands || 'nothing'}`}
      </Box>
    </Box>
  );
}
