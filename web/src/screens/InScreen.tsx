import { lazy, Suspense, useEffect, useState } from 'react';
import { StillShown } from '../app/StillShown';
import { Trouble } from '../app/Trouble';
import { useOpenPaper } from './openPaper';
import { OwnQuestions } from './OwnQuestions';
import { Typed } from './Typed';
import { writingPart } from './writingPart';
import { toAChild, useComeIn, useDoor, useIn, useOwnPapersAhead, useSendingOwn } from './useIn';

const PupilPaper = lazy(writingPart);

/** Where pupils come in: the code, their name, and then their own questions. */
export function InScreen() {
  const view = useIn();
  const open = useOpenPaper();
  useSendingOwn(view.data?.own);
  useOwnPapersAhead(view.data?.own);
  const isThere = view.isSuccess;
  useEffect(() => {
    if (isThere) {
      void writingPart();
    }
  }, [isThere]);
  if (!view.data) {
    return (
      <div className="opening">
        {view.isError ? <Trouble message={toAChild(view.error.message)} /> : 'Opening …'}
      </div>
    );
  }
  const { own } = view.data;
  return own ? (
    <>
      {open === undefined ? (
        <OwnQuestions own={own} />
      ) : (
        <Suspense fallback={<div className="opening">Fetching paper …</div>}>
          <PupilPaper key={open} id={open} own={own} />
        </Suspense>
      )}
      <StillShown words={toAChild} />
    </>
  ) : (
    <Door />
  );
}

function Door() {
  const door = useDoor();
  const comeIn = useComeIn();
  const [code, setCode] = useState('');
  const [pupil, setPupil] = useState<number>();
  const [typed, setTyped] = useState('');
  const { data } = door;
  const chosen = data?.pupils.find((each) => each.id === pupil);
  return (
    <div className="narrow">
      <h1>{data ? data.className : 'Come in'}</h1>
      {!data && (
        <form
          className="code"
          onSubmit={(event) => {
            event.preventDefault();
            door.mutate(code);
          }}
        >
          <Typed
            label="The code on the board"
            value={code}
            onChange={setCode}
            fault={door.error?.message}
            autoFocus
            autoComplete="off"
            autoCapitalize="characters"
            spellCheck={false}
          />
          <button type="submit" className="button full large" disabled={door.isPending || code.trim() === ''}>
            Go on
          </button>
        </form>
      )}
      {data && (
        <>
          <div className="large">{data.title}. Who are you?</div>
          <div className="names">
            {data.pupils.map((each) => (
              <button
                key={each.id}
                type="button"
                className={`button large ${each.id === pupil ? 'full' : 'outlined'}`}
                disabled={comeIn.isPending}
                onClick={() => {
                  setPupil(each.id);
                  if (!data.asksDigits) {
                    comeIn.mutate({ code: data.code, pupilId: each.id });
                  }
                }}
              >
                {each.name}
              </button>
            ))}
          </div>
          {data.asksDigits && chosen && (
            <form
              className="digits"
              onSubmit={(event) => {
                event.preventDefault();
                comeIn.mutate({ code: data.code, pupilId: chosen.id, digits: typed });
              }}
            >
              <Typed
                label={`${chosen.name}, your three digits`}
                value={typed}
                onChange={setTyped}
                inputMode="numeric"
                autoComplete="off"
                autoFocus
                fault={comeIn.error?.about('digits')}
              />
              <button type="submit" className="button full large" disabled={comeIn.isPending}>
                Come in
              </button>
            </form>
          )}
          {!comeIn.error?.about('digits') && <Trouble message={comeIn.error?.message} />}
          <button type="button" className="button faint" onClick={() => door.reset()}>
            Another code
          </button>
        </>
      )}
    </div>
  );
}
