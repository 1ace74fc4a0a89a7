package hausaufgabe.language.java.running;

import hausaufgabe.language.values.ShapedTexts;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.objectweb.asm.ClassReader;
import org.objectweb.asm.ClassVisitor;
import org.objectweb.asm.Label;
import org.objectweb.asm.MethodVisitor;
import org.objectweb.asm.Opcodes;

/** The texts and numbers that a class mentions, in the order of its code, and the shapes it asks texts to have. */
final class MentionedConstants {

    private static final int MOST = 40;
    private static final int LONGEST = 60;

    /** How many shapes of one kind are kept. */
    private static final int FEW = 6;

    private final Set<String> texts = new LinkedHashSet<>();
    private final Set<String> numbers = new LinkedHashSet<>();
    private final Set<String> expressions = new LinkedHashSet<>();
    private final Set<String> prefixes = new LinkedHashSet<>();
    private final Set<String> suffixes = new LinkedHashSet<>();
    private final Set<String> separators = new LinkedHashSet<>();
    private final Set<Integer> lengths = new LinkedHashSet<>();
    private final Set<Integer> partCounts = new LinkedHashSet<>();
    private @Nullable List<String> shaped;

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

    /** Texts in the shapes that the code asks texts to have. */
    List<String> shapedTexts() {
        if (shaped == null) {
            Set<String> all = new LinkedHashSet<>();
            expressions.forEach(e -> all.addAll(ShapedTexts.matching(e)));
            all.addAll(ShapedTexts.of(new ShapedTexts.Asked(
                    List.copyOf(prefixes),
                    List.copyOf(suffixes),
                    List.copyOf(lengths),
                    List.copyOf(separators),
                    List.copyOf(partCounts))));
            shaped = all.stream().limit(MOST).toList();
        }
        return shaped;
    }

    private void number(Number n) {
        if (numbers.size() < MOST) {
            numbers.add(n.toString());
        }
    }

    private final class Mentions extends MethodVisitor {

        private static final String TEXT = "java/lang/String";

        /** The text that was mentioned last; null where another call came between. */
        private @Nullable String text;

        private Counted counted = Counted.NOTHING;

        Mentions() {
            super(Opcodes.ASM9);
        }

        @Override
        public void visitLdcInsn(Object value) {
            text = value instanceof String s ? s : null;
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
                compared(operand);
            }
        }

        @Override
        public void visitInsn(int opcode) {
            if (opcode == Opcodes.ARRAYLENGTH) {
                counted = Counted.PARTS;
            } else if (opcode >= Opcodes.ICONST_0 && opcode <= Opcodes.ICONST_5) {
                compared(opcode - Opcodes.ICONST_0);
            } else {
                counted = Counted.NOTHING;
            }
        }

        /** A length or a number of parts stands on the stack, and now what it is held against. */
        private void compared(int with) {
            if (counted == Counted.CHARACTERS && lengths.size() < FEW) {
                lengths.add(with);
            } else if (counted == Counted.PARTS && with > 1 && partCounts.size() < FEW) {
                partCounts.add(with);
            }
            counted = Counted.NOTHING;
        }

        @Override
        public void visitMethodInsn(int opcode, String owner, String name, String descriptor, boolean isInterface) {
            String said = text;
            text = null;
            boolean ofText = owner.equals(TEXT);
            counted = ofText && name.equals("length") ? Counted.CHARACTERS : Counted.NOTHING;
            boolean few = expressions.size() + prefixes.size() + suffixes.size() + separators.size() < FEW;
            if (said == null || said.length() > LONGEST || !few) {
                return;
            }
            boolean expression = ofText && name.equals("matches")
                    || owner.equals("java/util/regex/Pattern") && (name.equals("compile") || name.equals("matches"));
            if (expression) {
                expressions.add(said);
            } else if (ofText && name.equals("startsWith")) {
                prefixes.add(said);
            } else if (ofText && name.equals("endsWith")) {
                suffixes.add(said);
            } else if (ofText && name.equals("split")) {
                separators.add(said.replaceAll("\\\\[sd][*+]?", " ").replaceAll("[\\\\\\[\\]]", ""));
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

    /** What stands on the stack, where it counts something. */
    private enum Counted {
        NOTHING,
        CHARACTERS,
        PARTS
    }
}
