import { createBrowserRouter } from 'react-router';
import { AccountsPage } from './account/AccountsPage';
import { PasswordPage } from './account/PasswordPage';
import { WelcomePage } from './account/WelcomePage';
import { AlikePage } from './alike/AlikePage';
import { BesidePage } from './beside/BesidePage';
import { ChoosePage } from './course/ChoosePage';
import { CoursePage } from './course/CoursePage';
import { ExercisePage } from './exercise/ExercisePage';
import { GradeSheetPage } from './grades/GradeSheetPage';
import { PatternPage } from './pattern/PatternPage';
import { HandBackPage } from './handback/HandBackPage';
import { HistoryPage } from './history/HistoryPage';
import { LedgerPage } from './ledger/LedgerPage';
import { LibraryPage } from './remarks/LibraryPage';
import { SignedIn } from './sign-in/SignedIn';
import { SignInPage } from './sign-in/SignInPage';
import { PilePage } from './hand-in/PilePage';
import { SchemePage } from './scheme/SchemePage';
import { StudentsPage } from './roster/StudentsPage';
import { ByRole } from './study/ByRole';
import { AsStudentPage, OwnAttemptPage } from './study/OwnAttemptPage';
import { OwnExercisePage } from './study/OwnExercisePage';
import { OwnExercisesPage } from './study/OwnExercisesPage';
import { NotFound, WentWrong } from './page/Notice';
import { SubmissionPage } from './submission/SubmissionPage';
import { WeavePage } from './weave/WeavePage';
import { WritePage } from './write/WritePage';
import { TodayPage } from './today/TodayPage';

export const router = createBrowserRouter([
  { path: '/sign-in', element: <SignInPage />, errorElement: <WentWrong /> },
  { path: '/welcome', element: <WelcomePage />, errorElement: <WentWrong /> },
  {
    element: <SignedIn />,
    errorElement: <WentWrong />,
    children: [
      { path: '/', element: <ByRole staff={<TodayPage />} student={<OwnExercisesPage />} /> },
      { path: '/courses/:course', element: <CoursePage /> },
      { path: '/exercises/:exercise/give-back', element: <HandBackPage /> },
      { path: '/submissions/:submission/as-student', element: <AsStudentPage /> },
      { path: '/courses/:course/history', element: <HistoryPage /> },
      { path: '/courses/:course/scheme', element: <SchemePage /> },
      { path: '/courses/:course/grades', element: <LedgerPage /> },
      { path: '/courses/:course/students', element: <StudentsPage /> },
      { path: '/courses/:course/new-exercise', element: <ChoosePage /> },
      { path: '/exercises/:exercise/write', element: <WritePage /> },
      {
        path: '/exercises/:exercise',
        element: <ByRole staff={<ExercisePage />} student={<OwnExercisePage />} />,
      },
      { path: '/exercises/:exercise/pile', element: <PilePage /> },
      { path: '/exercises/:exercise/grades', element: <GradeSheetPage /> },
      { path: '/exercises/:exercise/alike', element: <AlikePage /> },
      { path: '/exercises/:exercise/weave', element: <WeavePage /> },
      { path: '/exercises/:exercise/beside', element: <BesidePage /> },
      { path: '/courses/:course/remarks', element: <LibraryPage /> },
      { path: '/accounts', element: <AccountsPage /> },
      { path: '/password', element: <PasswordPage /> },
      { path: '/patterns/:pattern', element: <PatternPage /> },
      {
        path: '/submissions/:submission',
        element: <ByRole staff={<SubmissionPage />} student={<OwnAttemptPage />} />,
      },
      { path: '*', element: <NotFound /> },
    ],
  },
]);
