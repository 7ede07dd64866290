import type { ReactNode } from 'react';

/** What is wrong and what to do, marked by a sign as well as by colour. Says nothing where all is well. */
export function Trouble(props: { id?: string; message?: string; children?: ReactNode }) {
  if (!props.message) {
    return null;
  }
  return (
    <div id={props.id} role="alert" className="trouble">
      <b aria-hidden>✗</b>
      <span>
        {props.message} {props.children}
      </span>
    </div>
  );
}
