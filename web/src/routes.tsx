import { createBrowserRouter } from 'react-router';
import { AccountsPage } from './account/AccountsPage';
import { PasswordPage } from './account/PasswordPage';
import { WelcomePage } from './account/WelcomePage';
import { AlikePage } from './alike/AlikePage';
import { ChoosePage } from './course/ChoosePage';
import { CoursePage } from './course/CoursePage';
import { ExercisePage } from './exercise/ExercisePage';
import { GradeSheetPage } from './grades/GradeSheetPage';
import { PatternPage } from './pattern/PatternPage';
import { SignedIn } from './sign-in/SignedIn';
import { SignInPage } from './sign-in/SignInPage';
import { PilePage } from './hand-in/PilePage';
import { StudentsPage } from './roster/StudentsPage';
import { ByRole } from './study/ByRole';
import { AsStudentPage, OwnAttemptPage } from './study/OwnAttemptPage';
import { OwnExercisePage } from './study/OwnExercisePage';
import { OwnExercisesPage } from './study/OwnExercisesPage';
import { NotFound, WentWrong } from './page/Notice';
import { SubmissionPage } from './submission/SubmissionPage';
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
      {
        path: '/courses/arriving',
        lazy: async () => ({ Component: (await import('./course/ArrivingPage')).ArrivingPage }),
      },
      {
        path: '/exercises/:exercise/give-back',
        lazy: async () => ({ Component: (await import('./handback/HandBackPage')).HandBackPage }),
      },
      {
        path: '/exercises/:exercise/readers',
        lazy: async () => ({ Component: (await import('./together/ReadersPage')).ReadersPage }),
      },
      {
        path: '/exercises/:exercise/read-twice',
        lazy: async () => ({ Component: (await import('./together/SecondPage')).SecondPage }),
      },
      {
        path: '/exercises/:exercise/points',
        lazy: async () => ({ Component: (await import('./together/PointsTablePage')).PointsTablePage }),
      },
      {
        path: '/exercises/:exercise/evenness',
        lazy: async () => ({ Component: (await import('./together/EvennessPage')).EvennessPage }),
      },
      { path: '/submissions/:submission/as-student', element: <AsStudentPage /> },
      {
        path: '/courses/:course/pictures',
        lazy: async () => ({ Component: (await import('./pictures/PicturesPage')).PicturesPage }),
      },
      {
        path: '/courses/:course/history',
        lazy: async () => ({ Component: (await import('./history/HistoryPage')).HistoryPage }),
      },
      {
        path: '/courses/:course/scheme',
        lazy: async () => ({ Component: (await import('./scheme/SchemePage')).SchemePage }),
      },
      {
        path: '/courses/:course/grades',
        lazy: async () => ({ Component: (await import('./ledger/LedgerPage')).LedgerPage }),
      },
      { path: '/courses/:course/students', element: <StudentsPage /> },
      { path: '/courses/:course/new-exercise', element: <ChoosePage /> },
      {
        path: '/exercises/:exercise/write',
        lazy: async () => ({ Component: (await import('./write/WritePage')).WritePage }),
      },
      {
        path: '/exercises/:exercise',
        element: <ByRole staff={<ExercisePage />} student={<OwnExercisePage />} />,
      },
      { path: '/exercises/:exercise/pile', element: <PilePage /> },
      { path: '/exercises/:exercise/grades', element: <GradeSheetPage /> },
      { path: '/exercises/:exercise/alike', element: <AlikePage /> },
      {
        path: '/exercises/:exercise/weave',
        lazy: async () => ({ Component: (await import('./weave/WeavePage')).WeavePage }),
      },
      {
        path: '/exercises/:exercise/beside',
        lazy: async () => ({ Component: (await import('./beside/BesidePage')).BesidePage }),
      },
      {
        path: '/courses/:course/remarks',
        lazy: async () => ({ Component: (await import('./remarks/LibraryPage')).LibraryPage }),
      },
      { path: '/accounts', element: <AccountsPage /> },
      { path: '/password', element: <PasswordPage /> },
      {
        path: '/programs',
        lazy: async () => ({ Component: (await import('./programs/ProgramsPage')).ProgramsPage }),
      },
      { path: '/patterns/:pattern', element: <PatternPage /> },
      {
        path: '/submissions/:submission',
        element: <ByRole staff={<SubmissionPage />} student={<OwnAttemptPage />} />,
      },
      { path: '*', element: <NotFound /> },
    ],
  },
]);
