package hausaufgabe.language.java;

import hausaufgabe.core.language.SourceFile;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.LinkedHashMap;
import java.util.Map;
import javax.tools.FileObject;
import javax.tools.ForwardingJavaFileManager;
import javax.tools.JavaFileManager;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;

/** Keeps sources and class files in memory, so that a compilation touches no disk. */
final class MemoryFiles extends ForwardingJavaFileManager<JavaFileManager> {

    private final Map<String, ByteArrayOutputStream> classes = new LinkedHashMap<>();

    MemoryFiles(JavaFileManager platform) {
        super(platform);
    }

    Map<String, byte[]> classes() {
        Map<String, byte[]> all = new LinkedHashMap<>();
        classes.forEach((name, bytes) -> all.put(name, bytes.toByteArray()));
        return all;
    }

    @Override
    public JavaFileObject getJavaFileForOutput(
            Location location, String className, JavaFileObject.Kind kind, FileObject sibling) {
        return new SimpleJavaFileObject(uri(className.replace('.', '/') + kind.extension), kind) {
            @Override
            public OutputStream openOutputStream() {
                ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                classes.put(className, bytes);
                return bytes;
            }
        };
    }

    @Override
    public void close() {
        // the platform's files are shared by all compilations of this process
    }

    private static URI uri(String path) {
        try {
            return new URI("memory", null, "/" + path, null);
        } catch (URISyntaxException e) {
            throw new IllegalArgumentException(path, e);
        }
    }

    /** A source under its path in the submission. */
    static final class Source extends SimpleJavaFileObject {

        private final SourceFile file;

        Source(SourceFile file) {
            super(MemoryFiles.uri(file.path()), Kind.SOURCE);
            this.file = file;
        }

        String path() {
            return file.path();
        }

        @Override
        public CharSequence getCharContent(boolean ignoreEncodingErrors) {
            return file.text();
        }
    }
}
