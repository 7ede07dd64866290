import { Box } from '@mui/material';
import { useState } from 'react';
import { Link, NavLink, useParams } from 'react-router';
import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { Field } from '../app/Field';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useQuery } from '../app/useQuery';

type Page = Schemas['GuidePage'];

/** The guide that ships with the application: by task, in a teacher's order, searched as one types. */
export function GuideScreen() {
  const { page: id } = useParams();
  const [search, setSearch] = useState('');
  const guide = useQuery<Page[], Refused>({
    queryKey: keys.guide,
    queryFn: () => ask(api.GET('/api/guide')),
    staleTime: Infinity,
  });
  if (!guide.data) {
    return (
      <Box sx={{ p: 4 }}>
        {guide.isError ? <Trouble message={guide.error.message} /> : 'Fetching the guide …'}
      </Box>
    );
  }
  const words = search.toLowerCase().split(' ').filter(Boolean);
  const found = guide.data.filter((each) => words.every((word) => each.words.toLowerCase().includes(word)));
  const page = guide.data.find((each) => each.id === id) ?? guide.data[0];
  return (
    <Box
      sx={{
        p: { xs: '10px 12px', md: '20px 32px' },
        display: 'grid',
        gap: 4,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '230px minmax(0, 760px)' },
      }}
    >
      <Box component="nav" aria-label="The guide">
        <Field label="Search the guide" value={search} onChange={setSearch} type="search" />
        <Box role="status" sx={{ color: ink.faint }}>
          {search && found.length === 0 && `Nothing says “${search}”. Search for another word.`}
        </Box>
        <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, '& a.active': { fontWeight: 700 } }}>
          {found.map((each) => (
            <Box component="li" key={each.id} sx={{ py: 0.4 }}>
              <NavLink to={`/guide/${each.id}`} className={each === page ? 'active' : undefined}>
                {each.title}
              </NavLink>
              {words.length > 0 && (
                <Box sx={{ color: ink.faint, fontSize: 14 }}>{around(each.words, words[0] ?? '')}</Box>
              )}
            </Box>
          ))}
        </Box>
      </Box>
      {page && (
        <Box component="article" sx={article}>
          <h1>{page.title}</h1>
          {/* Ours, made from the pages that ship with the application. */}
          <div dangerouslySetInnerHTML={{ __html: page.html }} />
          <Next pages={guide.data} page={page} />
        </Box>
      )}
    </Box>
  );
}

function Next({ pages, page }: { pages: Page[]; page: Page }) {
  const next = pages[pages.indexOf(page) + 1];
  return (
    next && (
      <p>
        Next: <Link to={`/guide/${next.id}`}>{next.title}</Link>
      </p>
    )
  );
}

const around = (said: string, word: string) => {
  const at = said.toLowerCase().indexOf(word);
  return `… ${said.slice(Math.max(0, at - 30), at + 50)} …`;
};

const article = {
  minWidth: 0,
  lineHeight: 1.6,
  '& h1': { mt: 0 },
  '& h2': { mt: 3 },
  '& img': { maxWidth: '100%', border: `1px solid ${ink.hair}`, display: 'block', my: 2 },
  '& li': { mb: 0.5 },
  '& table': { borderCollapse: 'collapse', my: 2 },
  '& th, & td': {
    textAlign: 'left',
    borderTop: `1px solid ${ink.hair}`,
    p: '4px 18px 4px 0',
    verticalAlign: 'top',
  },
  '& code': { fontFamily: 'Andika', bgcolor: ink.sheet, px: 0.5, border: `1px solid ${ink.hair}` },
} as const;
