import { Box } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { digits, ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { useSet } from './useSets';

const keysForward = ['ArrowRight', 'PageDown', ' '];
const keysBack = ['ArrowLeft', 'PageUp'];

/** The whole set, large, for copying into books; afterwards the answers, one by one, for marking one's own. */
export function ProjectScreen() {
  const id = Number(useParams().id);
  const set = useSet(id);
  const navigate = useNavigate();
  const [shown, setShown] = useState(0);
  const list = useRef<HTMLOListElement>(null);
  const count = set.data?.questions.length ?? 0;

  useEffect(() => {
    list.current?.children[shown - 1]?.scrollIntoView({ block: 'nearest' });
  }, [shown]);

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) {
        return;
      }
      if (keysForward.includes(event.key)) {
        setShown(Math.min(shown + 1, count));
      } else if (keysBack.includes(event.key)) {
        setShown(Math.max(shown - 1, 0));
      } else if (event.key === 'Home') {
        setShown(0);
      } else if (event.key === 'End') {
        setShown(count);
      } else if (event.key === 'Escape') {
        navigate(`/sets/${id}`);
      } else {
        return;
      }
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });

  if (!set.data) {
    return <Trouble message={set.error?.message} />;
  }
  const hasLong = set.data.questions.some((question) => question.text.length > 24);
  const across = hasLong ? 1 : count > 30 ? 4 : count > 12 ? 3 : 2;
  const size = count > 30 ? 22 : count > 20 ? 28 : count > 12 ? 36 : 50;
  return (
    <Box
      component="main"
      data-testid="projected"
      sx={{ minHeight: '100vh', bgcolor: ink.sheet, color: ink.ink, p: { xs: '12px 14px', md: '28px 48px' } }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', mb: 2 }}>
        <Box component="h1" sx={{ m: 0 }}>
          {set.data.content.title}
        </Box>
        <Box sx={{ color: ink.faint, fontSize: 17 }}>
          {shown === 0 ? '→ shows the answers one by one, Esc leaves' : `${shown} of ${count} answers`}
        </Box>
      </Box>
      <Box
        component="ol"
        ref={list}
        sx={{
          m: 0,
          p: 0,
          listStyle: 'none',
          columnCount: { xs: 1, md: across },
          overflowWrap: 'anywhere',
          columnGap: 5,
          font: `400 ${size}px/1.55 ${digits}`,
          fontSize: { xs: Math.min(26, size), md: size },
        }}
      >
        {set.data.questions.map((question, i) => (
          <Box component="li" key={question.text} sx={{ breakInside: 'avoid', display: 'flex', gap: 2 }}>
            <Box
              component="span"
              sx={{ color: ink.faint, fontSize: '0.7em', minWidth: '1.6em', textAlign: 'right' }}
            >
              {i + 1}
            </Box>
            <span style={{ minWidth: 0 }}>
              {question.text}
              {i < shown && (
                <Box component="b" sx={{ color: ink.plum }}>
                  {question.answerSign}
                  {question.answer}
                </Box>
              )}
            </span>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
