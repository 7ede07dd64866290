import { Box, Button } from '@mui/material';
import { useState, type FormEvent } from 'react';
import { Field } from '../app/Field';
import { ink } from '../app/ink';
import { Tick } from '../app/Tick';
import { Trouble } from '../app/Trouble';
import { useFreshLog, useRemark, type Entry } from './useLog';

/** Label, note and the mark to keep an entry. */
export function RemarksForm(props: { entry: Entry; onDone?: () => void }) {
  const { entry } = props;
  const [label, setLabel] = useState(entry.label);
  const [note, setNote] = useState(entry.note);
  const [kept, setKept] = useState(entry.kept);
  const remark = useRemark();
  const refresh = useFreshLog();
  const changed = label !== entry.label || note !== entry.note || kept !== entry.kept;
  const theirs = remark.error?.status === 409 ? (remark.error.current as Entry) : undefined;
  const send = (revision: number) =>
    remark.mutate({ id: entry.id, label, note, kept, revision }, { onSuccess: props.onDone });
  const save = (event: FormEvent) => {
    event.preventDefault();
    send(entry.revision);
  };
  return (
    <Box component="form" noValidate onSubmit={save}>
      <Field
        label="Label (class, lesson)"
        value={label}
        onChange={setLabel}
        fault={remark.error?.about('label')}
      />
      <Field label="Note" value={note} onChange={setNote} fault={remark.error?.about('note')} />
      <Box sx={{ mb: 2 }}>
        <Tick label="Keep, whenever the log is tidied" checked={kept} onChange={setKept} />
      </Box>
      <Button type="submit" variant="contained" disabled={!changed || remark.isPending}>
        Save
      </Button>
      {props.onDone && (
        <Button onClick={props.onDone} sx={{ ml: 1 }}>
          Cancel
        </Button>
      )}
      <Box component="span" role="status" sx={{ ml: 1.5, color: ink.right }}>
        {remark.isSuccess && !changed && '✓ saved'}
      </Box>
      {remark.error && !remark.error.about('label') && !remark.error.about('note') && (
        <Trouble message={remark.error.message} />
      )}
      {theirs && (
        <Box sx={{ mt: 1 }}>
          There it says: <b>{theirs.label || '(no label)'}</b> {theirs.note}
          <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
            <Button variant="outlined" onClick={() => send(theirs.revision)}>
              Keep mine
            </Button>
            <Button
              variant="outlined"
              onClick={() => {
                setLabel(theirs.label);
                setNote(theirs.note);
                setKept(theirs.kept);
                remark.reset();
                refresh();
              }}
            >
              Take the other
            </Button>
          </Box>
        </Box>
      )}
    </Box>
  );
}
