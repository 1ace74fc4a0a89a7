package hausaufgabe.language.java.running;

import java.util.ArrayList;
import java.util.List;
import org.objectweb.asm.ClassReader;
import org.objectweb.asm.ClassVisitor;
import org.objectweb.asm.ClassWriter;
import org.objectweb.asm.Label;
import org.objectweb.asm.MethodVisitor;
import org.objectweb.asm.Opcodes;
import org.objectweb.asm.Type;
import org.objectweb.asm.commons.AdviceAdapter;

/** Has every operation of a class tell an {@link Tracer} that it is entered, left, or left by an error. */
final class Instrumentation extends ClassVisitor {

    private final String tracer;
    private String owner;

    private Instrumentation(ClassVisitor to, String tracer) {
        super(Opcodes.ASM9, to);
        this.tracer = tracer;
    }

    /**
     * The class as it tells.
     *
     * @param tracer internal name of the tracer's class
     * @throws org.objectweb.asm.MethodTooLargeException where an operation becomes larger than one may be
     */
    static byte[] added(byte[] type, String tracer) {
        ClassReader reader = new ClassReader(type);
        ClassWriter writer = new ClassWriter(reader, ClassWriter.COMPUTE_MAXS);
        reader.accept(new Instrumentation(writer, tracer), ClassReader.EXPAND_FRAMES);
        return writer.toByteArray();
    }

    @Override
    public void visit(int version, int access, String name, String signature, String superName, String[] interfaces) {
        owner = name;
        super.visit(version, access, name, signature, superName, interfaces);
    }

    @Override
    public MethodVisitor visitMethod(
            int access, String name, String descriptor, String signature, String[] exceptions) {
        MethodVisitor to = super.visitMethod(access, name, descriptor, signature, exceptions);
        boolean quiet =
                (access & (Opcodes.ACC_ABSTRACT | Opcodes.ACC_NATIVE | Opcodes.ACC_BRIDGE | Opcodes.ACC_SYNTHETIC)) != 0
                        || name.equals("<clinit>");
        return quiet ? to : new Telling(to, access, name, descriptor);
    }

    private final class Telling extends AdviceAdapter {

        private final String key;
        private final Label begin = new Label();
        private final boolean hasSelf;
        private boolean begun;

        Telling(MethodVisitor to, int access, String name, String descriptor) {
            super(Opcodes.ASM9, to, access, name, descriptor);
            key = owner.replace('/', '.') + "." + OperationKeys.of(name, descriptor);
            hasSelf = (access & Opcodes.ACC_STATIC) == 0;
        }

        private void self() {
            if (hasSelf) {
                loadThis();
            } else {
                visitInsn(Opcodes.ACONST_NULL);
            }
        }

        private void ifOpen(Runnable telling) {
            Label after = new Label();
            visitFieldInsn(Opcodes.GETSTATIC, tracer, "open", "Z");
            visitJumpInsn(Opcodes.IFEQ, after);
            telling.run();
            visitLabel(after);
        }

        @Override
        protected void onMethodEnter() {
            ifOpen(() -> {
                self();
                visitLdcInsn(key);
                loadArgArray();
                visitMethodInsn(
                        Opcodes.INVOKESTATIC,
                        tracer,
                        "entered",
                        "(Ljava/lang/Object;Ljava/lang/String;[Ljava/lang/Object;)V",
                        false);
            });
            frame(new Object[0]);
            // an instruction between this frame and one the body may begin with
            visitInsn(Opcodes.NOP);
            visitLabel(begin);
            begun = true;
        }

        @Override
        protected void onMethodExit(int opcode) {
            if (opcode == Opcodes.ATHROW) {
                return;
            }
            // no branch here, since what stands on the stack would have to be written down for it
            if (opcode == Opcodes.RETURN) {
                visitInsn(Opcodes.ACONST_NULL);
            } else {
                if (opcode == Opcodes.LRETURN || opcode == Opcodes.DRETURN) {
                    dup2();
                } else {
                    dup();
                }
                box(getReturnType());
            }
            self();
            swap();
            visitLdcInsn(key);
            swap();
            visitMethodInsn(
                    Opcodes.INVOKESTATIC,
                    tracer,
                    "left",
                    "(Ljava/lang/Object;Ljava/lang/String;Ljava/lang/Object;)V",
                    false);
        }

        @Override
        public void visitMaxs(int maxStack, int maxLocals) {
            if (begun) {
                Label end = new Label();
                // past the adapter, which takes what follows a return for unreachable
                mv.visitTryCatchBlock(begin, end, end, null);
                mv.visitLabel(end);
                frame(new Object[] {"java/lang/Throwable"});
                mv.visitInsn(Opcodes.DUP);
                if (hasSelf) {
                    mv.visitVarInsn(Opcodes.ALOAD, 0);
                } else {
                    mv.visitInsn(Opcodes.ACONST_NULL);
                }
                mv.visitInsn(Opcodes.SWAP);
                mv.visitLdcInsn(key);
                mv.visitInsn(Opcodes.SWAP);
                mv.visitMethodInsn(
                        Opcodes.INVOKESTATIC,
                        tracer,
                        "threw",
                        "(Ljava/lang/Object;Ljava/lang/String;Ljava/lang/Object;)V",
                        false);
                mv.visitInsn(Opcodes.ATHROW);
            }
            super.visitMaxs(maxStack, maxLocals);
        }

        /** The operation's locals as they are when it is entered. */
        private void frame(Object[] stack) {
            List<Object> locals = new ArrayList<>();
            if (hasSelf) {
                locals.add(owner);
            }
            for (Type t : getArgumentTypes()) {
                locals.add(frameType(t));
            }
            mv.visitFrame(Opcodes.F_NEW, locals.size(), locals.toArray(), stack.length, stack);
        }

        private Object frameType(Type t) {
            return switch (t.getSort()) {
                case Type.BOOLEAN, Type.CHAR, Type.BYTE, Type.SHORT, Type.INT -> Opcodes.INTEGER;
                case Type.LONG -> Opcodes.LONG;
                case Type.FLOAT -> Opcodes.FLOAT;
                case Type.DOUBLE -> Opcodes.DOUBLE;
                default -> t.getInternalName();
            };
        }
    }
}
