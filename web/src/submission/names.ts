import type { Api } from '../api/client';

type Report = Pick<Api<'CheckReport'>, 'roles' | 'members'>;

/** What the student calls what plays a role, or is a member; undefined where nothing is. */
function called(name: string, report: Report): string | undefined {
  const types = report.roles[name];
  if (types && types.length > 0) {
    return types.map((t) => (t === 'lambda' ? 'a function' : `\`${t}\``)).join(', ');
  }
  const operations = report.members[name];
  return operations && operations.length > 0
    ? [...new Set(operations.map((o) => `\`${o.split('.').at(-1)!}()\``))].join(', ')
    : undefined;
}

/** A remark of the library in the student's own names; names that nothing plays become words. */
export function filled(text: string, report: Report): string {
  return text.replace(
    /\{([A-Za-z][\w-]*)\}/g,
    (_, name: string) => called(name, report) ?? `the ${spaced(name)}`,
  );
}

function spaced(name: string): string {
  return name.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
}

/** A remark as it can be kept for others: the student's names give way to those of the roles they play. */
export function generalised(text: string, report: Report): string {
  let general = text;
  for (const [role, types] of Object.entries(report.roles)) {
    const [only] = types;
    if (types.length === 1 && only && only !== 'lambda') {
      general = replaced(general, only, role);
    }
  }
  for (const [member, operations] of Object.entries(report.members)) {
    const names = new Set(operations.map((o) => o.split('.').at(-1)!));
    const [only] = names;
    if (names.size === 1 && only) {
      general = replaced(general, `${only}()`, member);
    }
  }
  return general;
}

function replaced(text: string, name: string, by: string): string {
  const plain = name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  return text.replace(new RegExp(`(?<![\\w{])\`?${plain}\`?(?![\\w}])`, 'g'), `{${by}}`);
}
