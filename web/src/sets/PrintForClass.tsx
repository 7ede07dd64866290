import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { Select } from '../app/Select';
import { ink } from '../app/ink';
import { useClasses } from '../classes/useClasses';
import { sendToPrinter } from '../print/sendToPrinter';

/** A sheet for each child of a class, with their name on it: filled and scanned, each finds its child by itself. */
export function PrintForClass({ prints }: { prints: Schemas['PrintView'][] }) {
  const classes = useClasses();
  const [chosen, setChosen] = useState('');
  const [code, setCode] = useState('');
  const print = prints.find((each) => each.code === code) ?? prints[0];
  const listed = (classes.data ?? []).filter((each) => each.pupils.length > 0);
  const schoolClass = listed.find((each) => String(each.id) === chosen) ?? listed[0];
  if (!print || !schoolClass) {
    return null;
  }
  const address = `/api/prints/${print.code}/classes/${schoolClass.id}.pdf`;
  return (
    <Box
      component="section"
      aria-label="Sheets with names"
      sx={{ borderTop: `1px solid ${ink.hair}`, pt: 1 }}
    >
      <b>With names</b>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2 }}>
        <Select
          label="Class"
          of="for sheets with names"
          value={String(schoolClass.id)}
          options={listed.map((each) => ({ id: String(each.id), label: each.name }))}
          onChange={setChosen}
        />
        <Select
          label="Sheet"
          of="for sheets with names"
          value={print.code}
          options={prints.map((each) => ({ id: each.code, label: each.code }))}
          onChange={setCode}
        />
      </Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', mt: 1 }}>
        <Button variant="outlined" onClick={() => sendToPrinter(`${address}?inline=true`)}>
          Print {schoolClass.pupils.length} sheets
        </Button>
        <a href={address} aria-label={`Sheets of ${print.code} for ${schoolClass.name} as PDF`}>
          PDF
        </a>
      </Box>
    </Box>
  );
}
