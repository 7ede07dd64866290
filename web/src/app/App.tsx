import { Box } from '@mui/material';
import { useEffect } from 'react';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { FirstAccount } from '../account/FirstAccount';
import { SignIn } from '../account/SignIn';
import { useAccount } from '../account/useAccount';
import { StyleQuestions } from '../begin/StyleQuestions';
import { BoardScreen } from '../board/BoardScreen';
import { ClassesScreen } from '../classes/ClassesScreen';
import { GuideScreen } from '../guide/GuideScreen';
import { LessonScreen } from '../lesson/LessonScreen';
import { LogScreen } from '../log/LogScreen';
import { AskScreen } from '../marking/AskScreen';
import { MarkingScreen } from '../marking/MarkingScreen';
import { MarkingsScreen } from '../marking/MarkingsScreen';
import { useSendingPiles } from '../marking/useMarking';
import { PaperScreen } from '../paper/PaperScreen';
import { ClassScreen } from '../record/ClassScreen';
import { PupilScreen } from '../record/PupilScreen';
import { PiecesScreen } from '../reports/PiecesScreen';
import { ReportScreen } from '../reports/ReportScreen';
import { ScanScreen } from '../scan/ScanScreen';
import { WatchScreen } from '../screens/WatchScreen';
import { ProjectScreen } from '../sets/ProjectScreen';
import { SetScreen } from '../sets/SetScreen';
import { SetsScreen } from '../sets/SetsScreen';
import { StyleScreen } from '../style/StyleScreen';
import { TodayScreen } from '../today/TodayScreen';
import { BeginRunScreen } from '../write/BeginRunScreen';
import { BeginScreen } from '../write/BeginScreen';
import { RunScreen } from '../write/RunScreen';
import { keepSending } from '../write/papers';
import { WriteScreen } from '../write/WriteScreen';
import { BackgroundScreen } from './BackgroundScreen';
import { Spine } from './Spine';
import { StillShown } from './StillShown';
import { Trouble } from './Trouble';
import { ink } from './ink';
import { useFocusKept, usePageTitle } from './useFocusKept';

/** The teacher's program; the children have one of their own. */
export function App() {
  useFocusKept(useLocation().pathname);
  usePageTitle();
  return (
    <>
      <Screens />
      <StillShown />
    </>
  );
}

function Screens() {
  const account = useAccount();
  if (account.isPending) {
    return <Box sx={{ p: 4 }}>Opening Bemble …</Box>;
  }
  if (account.isError) {
    return (
      <Box sx={{ p: 4 }}>
        <Trouble message={account.error.message} />
      </Box>
    );
  }
  if (!account.data.teacher) {
    return account.data.first ? <FirstAccount /> : <SignIn demo={account.data.demo} />;
  }
  return (
    <>
      {account.data.id !== undefined && <SendingPiles teacher={account.data.id} />}
      <SignedIn teacher={account.data.teacher} />
    </>
  );
}

/** A way past the spine, seen by who comes to it with Tab. */
function PastTheSpine() {
  return (
    <Box
      component="a"
      href="#page"
      onClick={(event) => {
        event.preventDefault();
        document.querySelector<HTMLElement>('#page :is(input, textarea, select, button, a)')?.focus();
      }}
      sx={{
        position: 'absolute',
        left: 8,
        top: -60,
        zIndex: 10,
        p: '6px 12px',
        bgcolor: ink.page,
        color: ink.ink,
        '&:focus': { top: 8 },
      }}
    >
      Past the screens, to this page
    </Box>
  );
}

/** Sends on what was marked, whichever screen is open. */
function SendingPiles({ teacher }: { teacher: number }) {
  useSendingPiles(teacher);
  useEffect(() => keepSending(), []);
  return null;
}

function SignedIn({ teacher }: { teacher: string }) {
  const { pathname } = useLocation();
  if (pathname === '/board') {
    return <BoardScreen />;
  }
  if (pathname.endsWith('/project')) {
    return (
      <Routes>
        <Route path="/sets/:id/project" element={<ProjectScreen />} />
      </Routes>
    );
  }
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '122px minmax(0, 1fr)' },
        gridTemplateRows: { xs: 'auto minmax(0, 1fr)', sm: 'minmax(0, 1fr)' },
        height: '100dvh',
      }}
    >
      <PastTheSpine />
      <Spine teacher={teacher} />
      <Box component="main" id="page" sx={{ minHeight: 0, overflow: 'auto' }}>
        <Routes>
          <Route path="/today" element={<TodayScreen />} />
          <Route path="/begin/style" element={<StyleQuestions />} />
          <Route path="/paper" element={<PaperScreen />} />
          <Route path="/sets" element={<SetsScreen />} />
          <Route path="/sets/:id" element={<SetScreen />} />
          <Route path="/sets/:id/write" element={<BeginRunScreen />} />
          <Route path="/lessons/:source" element={<LessonScreen />} />
          <Route path="/write" element={<BeginScreen />} />
          <Route path="/write/run/:run" element={<RunScreen />} />
          <Route path="/write/:id" element={<WriteScreen />} />
          <Route path="/marking" element={<MarkingsScreen />} />
          <Route path="/marking/:id" element={<MarkingScreen />} />
          <Route path="/marking/:id/scans" element={<ScanScreen />} />
          <Route path="/marking/:id/key" element={<ReportScreen kind="key" />} />
          <Route path="/marking/:id/strips" element={<ReportScreen kind="strips" />} />
          <Route path="/marking/:id/marks" element={<ReportScreen kind="marks" />} />
          <Route path="/ask" element={<AskScreen />} />
          <Route path="/classes" element={<ClassesScreen />} />
          <Route path="/classes/:id" element={<ClassScreen />} />
          <Route path="/classes/:id/report" element={<ReportScreen kind="class" />} />
          <Route path="/classes/:id/next-teacher" element={<ReportScreen kind="next-teacher" />} />
          <Route path="/classes/:id/stand-in" element={<ReportScreen kind="stand-in" />} />
          <Route path="/pupils/:id" element={<PupilScreen />} />
          <Route path="/pupils/:id/report" element={<ReportScreen kind="pupil" />} />
          <Route path="/pupils/:id/work" element={<PiecesScreen />} />
          <Route path="/pupils/:id/work/pages" element={<ReportScreen kind="work" />} />
          <Route path="/screens/:id" element={<WatchScreen />} />
          <Route path="/style" element={<StyleScreen />} />
          <Route path="/guide" element={<GuideScreen />} />
          <Route path="/guide/:page" element={<GuideScreen />} />
          <Route path="/log" element={<LogScreen />} />
          <Route path="/at-work" element={<BackgroundScreen />} />
          <Route path="*" element={<Navigate to="/today" replace />} />
        </Routes>
      </Box>
    </Box>
  );
}
