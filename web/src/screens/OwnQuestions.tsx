import { useQueryClient } from '@tanstack/react-query';
import type { Refused } from '../api/client';
import { keys } from '../api/keys';
import { useEffect, useState } from 'react';
import { Trouble } from '../app/Trouble';
import { toPaper } from './openPaper';
import { useHandIn, useLeave, useOnTheWay, type OwnSet } from './useIn';

const notHandedIn = (error: Refused) =>
  error.status === 0
    ? 'This is not handed in yet: the school’s computer does not answer. What you wrote is kept here; try again in a moment.'
    : error.message;

/** A pupil's own questions, which of them are begun, and handing in. */
export function OwnQuestions({ own }: { own: OwnSet }) {
  const handIn = useHandIn(own);
  const onTheWay = useOnTheWay(own);
  const leave = useLeave();
  const [sure, setSure] = useState(false);
  const queries = useQueryClient();
  // What was written just now counts as begun.
  useEffect(() => void queries.invalidateQueries({ queryKey: keys.in.all, exact: true }), [queries]);
  const open = !own.handedIn && !own.ended;
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (open && event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
        event.preventDefault();
        setSure(true);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [open]);
  const left = own.questions.filter((question) => !question.begun).length;
  return (
    <div className="narrow">
      <div className="line">
        <h1>{own.pupil}</h1>
        <button type="button" className="button faint to-the-end" onClick={() => leave.mutate(undefined)}>
          I am not {own.pupil}
        </button>
      </div>
      <div className="faint">{own.title}</div>
      {onTheWay > 0 && (
        <p role="status">
          {open
            ? '… Some of what you wrote is still on its way. It is kept on this device and sent by itself.'
            : '… What you wrote last did not come in before the end. It is kept on this device: tell your teacher.'}
        </p>
      )}
      {own.handedIn ? (
        <div role="status" className="handed-in">
          <p className="done">
            {own.collected
              ? '✓ Your teacher has ended this set. What you wrote is handed in.'
              : '✓ Handed in. Thank you.'}
          </p>
          {own.says && <p>{own.says}</p>}
        </div>
      ) : own.ended ? (
        <p role="status" className="large">
          Your teacher has ended this set.
        </p>
      ) : (
        <>
          <ol className="questions">
            {own.questions.map((question, index) => (
              <li key={question.paper}>
                <a href={toPaper(question.paper)} data-goes-on={index === 0 || undefined}>
                  <span className="faint">{question.question}</span>
                  {question.problem}
                  <span className={`to-the-end ${question.begun ? 'done' : 'faint'}`}>
                    {question.begun ? '✓ begun' : 'to do'}
                  </span>
                </a>
              </li>
            ))}
          </ol>
          {sure ? (
            <>
              <p className="large">
                {left === 0
                  ? 'Hand everything in? You cannot change it then.'
                  : `${left === 1 ? 'One question is' : `${left} questions are`} not begun. Hand in all the same?`}
              </p>
              <div className="line">
                <button
                  type="button"
                  className="button full large"
                  disabled={handIn.isPending}
                  autoFocus
                  onClick={() => handIn.mutate(undefined)}
                >
                  Yes, hand in
                </button>
                <button type="button" className="button outlined large" onClick={() => setSure(false)}>
                  Not yet
                </button>
              </div>
            </>
          ) : (
            <button type="button" className="button full large" onClick={() => setSure(true)}>
              Hand in
            </button>
          )}
          <Trouble message={handIn.error ? notHandedIn(handIn.error) : undefined} />
        </>
      )}
    </div>
  );
}
