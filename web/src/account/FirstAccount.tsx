import { Button } from '@mui/material';
import { useState } from 'react';
import { Field } from '../app/Field';
import { Trouble } from '../app/Trouble';
import { Cover } from './Cover';
import { useFirstAccount } from './useAccount';

export function FirstAccount() {
  const [name, setName] = useState('');
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const create = useFirstAccount();
  const fault = create.error;
  return (
    <Cover
      title="Welcome. Make your account first"
      lead="Everything stays on this computer. Choose how you sign in; nobody else can read what you keep."
      onSubmit={() => create.mutate({ name, login, password })}
    >
      <Field
        label="Your name on screen"
        value={name}
        onChange={setName}
        fault={fault?.about('name')}
        autoFocus
      />
      <Field
        label="Sign-in name"
        value={login}
        onChange={setLogin}
        fault={fault?.about('login')}
        autoComplete="username"
      />
      <Field
        label="Password (8 characters or more)"
        type="password"
        value={password}
        onChange={setPassword}
        fault={fault?.about('password')}
        autoComplete="new-password"
      />
      {fault?.faults.every((each) => !each.field) && <Trouble message={fault.message} />}
      <Button type="submit" variant="contained" disabled={create.isPending}>
        Create and begin
      </Button>
    </Cover>
  );
}
