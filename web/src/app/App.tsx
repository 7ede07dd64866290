import { Box, Button } from '@mui/material';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { FirstAccount } from '../account/FirstAccount';
import { SignIn } from '../account/SignIn';
import { useAccount } from '../account/useAccount';
import { BoardScreen } from '../board/BoardScreen';
import { LogScreen } from '../log/LogScreen';
import { PaperScreen } from '../paper/PaperScreen';
import { StyleScreen } from '../style/StyleScreen';
import { Spine } from './Spine';
import { Trouble } from './Trouble';

export function App() {
  const account = useAccount();
  const onBoard = useLocation().pathname === '/board';
  if (account.isPending) {
    return <Box sx={{ p: 4 }}>Opening Bemble …</Box>;
  }
  if (account.isError) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={account.error.message} />
        <Button onClick={() => void account.refetch()}>Try again</Button>
      </Box>
    );
  }
  if (!account.data.teacher) {
    return account.data.first ? <FirstAccount /> : <SignIn demo={account.data.demo} />;
  }
  if (onBoard) {
    return <BoardScreen />;
  }
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '112px minmax(0, 1fr)', height: '100vh' }}>
      <Spine teacher={account.data.teacher} />
      <Box component="main" sx={{ minHeight: 0, overflow: 'auto' }}>
        <Routes>
          <Route path="/paper" element={<PaperScreen />} />
          <Route path="/style" element={<StyleScreen />} />
          <Route path="/log" element={<LogScreen />} />
          <Route path="*" element={<Navigate to="/paper" replace />} />
        </Routes>
      </Box>
    </Box>
  );
}
