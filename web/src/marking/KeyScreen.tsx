import { Box } from '@mui/material';
import { useParams } from 'react-router';
import { digits, ink } from '../app/theme';
import { PrintedPage } from './PrintedPage';
import { useMarking, useMarkingKey } from './useMarking';

/** The key for a pile of books and a red pen: answers, likely wrong ones, and the code of each cause. */
export function KeyScreen() {
  const id = Number(useParams().id);
  const marking = useMarking(id);
  const key = useMarkingKey(id);
  return (
    <PrintedPage
      id={id}
      hint="Write the letter beside a wrong answer in the book; type it later as 7 b."
      trouble={(key.error ?? marking.error)?.message}
    >
      <Box component="h1" sx={{ fontSize: 22, m: '0 0 8px' }}>
        Marking key: {marking.data?.title}
      </Box>
      {key.data && (
        <>
          <Box component="ul" sx={{ columns: 2, p: 0, m: '0 0 12px', listStyle: 'none', fontSize: 15 }}>
            {key.data.codes.map((code) => (
              <li key={code.code}>
                <b>{code.code}</b> {code.name}
              </li>
            ))}
          </Box>
          <Box
            component="table"
            sx={{
              width: '100%',
              borderCollapse: 'collapse',
              '& td': { borderTop: `1px solid ${ink.hair}`, py: 0.5, pr: 2 },
            }}
          >
            <tbody>
              {key.data.lines.map((line, i) => (
                <Box component="tr" key={i} sx={{ font: `400 16px ${digits}` }}>
                  <td>{i + 1}.</td>
                  <td>{line.problem}</td>
                  <Box component="td" sx={{ fontWeight: 700 }}>
                    {line.answer}
                  </Box>
                  <td>
                    {line.wrong.map((wrong) => (
                      <Box component="span" key={wrong.answer} sx={{ mr: 2, whiteSpace: 'nowrap' }}>
                        {wrong.answer} <b>{wrong.codes.join(' ')}</b>
                      </Box>
                    ))}
                  </td>
                </Box>
              ))}
            </tbody>
          </Box>
        </>
      )}
    </PrintedPage>
  );
}
