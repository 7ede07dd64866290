import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { Field } from '../app/Field';
import { ink } from '../app/ink';
import { Trouble } from '../app/Trouble';
import { Cover } from './Cover';
import { useSignIn } from './useAccount';

export function SignIn(props: { demo?: Schemas['Credentials'] }) {
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const signIn = useSignIn();
  const fault = signIn.error;
  const { demo } = props;
  return (
    <Cover
      title="Sign in"
      lead="Your papers, log and house style are kept under your name."
      onSubmit={() => signIn.mutate({ login, password })}
    >
      <Field
        label="Sign-in name"
        value={login}
        onChange={setLogin}
        fault={fault?.about('login')}
        autoComplete="username"
        autoFocus={!demo}
      />
      <Field
        label="Password"
        type="password"
        value={password}
        onChange={setPassword}
        fault={fault?.about('password')}
        autoComplete="current-password"
      />
      {fault && !fault.about('login') && !fault.about('password') && <Trouble message={fault.message} />}
      <Button type="submit" variant="contained" disabled={signIn.isPending}>
        Sign in
      </Button>
      {demo && (
        <Box sx={{ mt: 5, pt: 3, borderTop: `1px solid ${ink.hair}` }}>
          <Box sx={{ mb: 1.5 }}>
            This is a demonstration of Lantern Quay School. Its teacher signs in as <b>{demo.login}</b> with
            the password <b style={{ whiteSpace: 'nowrap' }}>{demo.password}</b>.
          </Box>
          <Button variant="outlined" autoFocus onClick={() => signIn.mutate(demo)}>
            Enter as the demo teacher
          </Button>
        </Box>
      )}
    </Cover>
  );
}
