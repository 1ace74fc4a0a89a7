package hausaufgabe.language.java;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import javax.tools.ForwardingJavaFileManager;
import javax.tools.JavaFileManager;
import javax.tools.JavaFileObject;

/**
 * The runtime's own class files. What lies where in them does not change while this process lives, and the compiler asks for
 * it at every compilation anew, package by package and module by module.
 */
final class PlatformFiles extends ForwardingJavaFileManager<JavaFileManager> {

    private final Map<Listing, List<JavaFileObject>> lists = new ConcurrentHashMap<>();
    private final Map<JavaFileObject, String> names = new ConcurrentHashMap<>();

    private record Listing(Location location, String packageName, Set<JavaFileObject.Kind> kinds, boolean deep) {}

    PlatformFiles(JavaFileManager files) {
        super(files);
    }

    @Override
    public Iterable<JavaFileObject> list(
            Location location, String packageName, Set<JavaFileObject.Kind> kinds, boolean recurse) throws IOException {
        Listing asked = new Listing(location, packageName, Set.copyOf(kinds), recurse);
        List<JavaFileObject> known = lists.get(asked);
        if (known == null) {
            List<JavaFileObject> found = new ArrayList<>();
            super.list(location, packageName, kinds, recurse).forEach(found::add);
            for (JavaFileObject f : found) {
                String name = super.inferBinaryName(location, f);
                if (name != null) {
                    names.put(f, name);
                }
            }
            lists.put(asked, found);
            known = found;
        }
        return known;
    }

    @Override
    public String inferBinaryName(Location location, JavaFileObject file) {
        String known = names.get(file);
        return known != null ? known : super.inferBinaryName(location, file);
    }
}
