import { Navigate, Outlet, useLocation } from 'react-router';
import { useRef } from 'react';
import { useNews } from '../api/news';
import { useSession } from '../api/session';
import { Notice, Waiting } from '../page/Notice';

/** Pages for those who are signed in; everyone else is asked to sign in and comes back. */
export function SignedIn() {
  const session = useSession();
  const at = useLocation();
  const login = session.data?.person?.login;
  const last = useRef<string>(undefined);
  if (login) {
    // eslint-disable-next-line react-hooks/refs -- only read once nobody is signed in any more
    last.current = login;
  }
  useNews(login !== undefined);
  if (session.isPending) {
    return (
      <div className="p-10">
        <Waiting what="Opening" />
      </div>
    );
  }
  if (session.isError) {
    return (
      <div className="p-10">
        <Notice
          title="The server does not answer"
          text={session.error.message}
          again={() => void session.refetch()}
        />
      </div>
    );
  }
  return session.data.person ? (
    <Outlet />
  ) : (
    // whoever was here before comes back to where that was; somebody else begins on the first page
    // eslint-disable-next-line react-hooks/refs
    <Navigate to="/sign-in" state={{ from: at.pathname, of: last.current }} replace />
  );
}
