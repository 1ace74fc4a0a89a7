package hausaufgabe.language.java.running;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.objectweb.asm.ClassReader;
import org.objectweb.asm.ClassVisitor;
import org.objectweb.asm.Label;
import org.objectweb.asm.MethodVisitor;
import org.objectweb.asm.Opcodes;

/** The texts and numbers that a class mentions, in the order of its code. */
final class MentionedConstants {

    private static final int MOST = 40;
    private static final int LONGEST = 60;

    private final Set<String> texts = new LinkedHashSet<>();
    private final Set<String> numbers = new LinkedHashSet<>();

    MentionedConstants(byte[] type) {
        new ClassReader(type)
                .accept(
                        new ClassVisitor(Opcodes.ASM9) {
                            @Override
                            public MethodVisitor visitMethod(int a, String name, String d, String s, String[] e) {
                                return new Mentions();
                            }
                        },
                        ClassReader.SKIP_DEBUG | ClassReader.SKIP_FRAMES);
    }

    List<String> texts() {
        return new ArrayList<>(texts);
    }

    List<String> numbers() {
        return new ArrayList<>(numbers);
    }

    private void number(Number n) {
        if (numbers.size() < MOST) {
            numbers.add(n.toString());
        }
    }

    private final class Mentions extends MethodVisitor {
        Mentions() {
            super(Opcodes.ASM9);
        }

        @Override
        public void visitLdcInsn(Object value) {
            if (value instanceof String s && texts.size() < MOST && s.length() <= LONGEST) {
                texts.add(s);
            } else if (value instanceof Number n) {
                number(n);
            }
        }

        @Override
        public void visitIntInsn(int opcode, int operand) {
            if (opcode != Opcodes.NEWARRAY) {
                number(operand);
            }
        }

        @Override
        public void visitLookupSwitchInsn(Label dflt, int[] keys, Label[] labels) {
            for (int key : keys) {
                number(key);
            }
        }

        @Override
        public void visitTableSwitchInsn(int min, int max, Label dflt, Label... labels) {
            for (int i = min; i <= max; i++) {
                number(i);
            }
        }
    }
}
