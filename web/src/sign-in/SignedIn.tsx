import { Navigate, Outlet, useLocation } from 'react-router';
import { useSession } from '../api/session';
import { Notice, Waiting } from '../sheet/Notice';

/** Pages for those who are signed in; everyone else is asked to sign in and comes back. */
export function SignedIn() {
  const session = useSession();
  const at = useLocation();
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
  return session.data.staff ? <Outlet /> : <Navigate to="/sign-in" state={{ from: at.pathname }} replace />;
}
