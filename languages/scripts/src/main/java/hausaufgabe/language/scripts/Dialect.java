package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Fact;
import java.util.List;
import java.util.Set;

/** What a language has of its own beside how it is written: the names of its library that matter to a design. */
public interface Dialect {

    /** What a constructor is called inside a class. */
    String constructor();

    /** Names of operations that every object has. */
    Set<String> universal();

    /** What the first parameter of an operation stands for is not among its parameters. */
    boolean namesSelf();

    /** Whether a function may be given more than it takes. */
    default boolean dropsArguments() {
        return false;
    }

    /** The name by which what is above is asked, such as {@code super}. */
    String above();

    /** Whether a name is visible outside its class, by what people agreed on. */
    boolean isPrivate(String name);

    /** Qualified names of library classes that make a class abstract, or a mere promise. */
    Set<String> abstractBases();

    /** Library classes whose subclasses only say what can be asked. */
    Set<String> promises();

    /** Whether what only says what can be asked is not there when a program runs. */
    default boolean promisesAreGone() {
        return false;
    }

    /** Decorators' last names of classes that only say what can be asked, or of which nobody makes objects. */
    default Set<String> classMarks(ClassMark mark) {
        return Set.of();
    }

    /** What a decorator can say of a class. */
    enum ClassMark {
        PROMISE,
        /** A promise with one operation, which functions keep. */
        FUNCTION,
        ABSTRACT,
        ENUM,
        /** The classes among its options are all there are of it. */
        UNION
    }

    /** Decorators' last names of what nobody else can see, and of what only those below can. */
    default Set<String> hiding(boolean fromAll) {
        return Set.of();
    }

    /** Decorators' last names, by what they make of an operation. */
    Set<String> statics();

    Set<String> classOperations();

    /** The operation that each class below is told to as it is declared, with that class in the place of the object; empty for none. */
    default String toldOfClassesBelow() {
        return "";
    }

    Set<String> abstracts();

    Set<String> properties();

    /** Decorators that keep an answer and give it again. */
    Set<String> remembering();

    /** Decorators that keep what an operation does for later, when a block is entered. */
    default Set<String> deferring() {
        return Set.of();
    }

    /** Errors that say: not done here, but below. */
    Set<String> refusals();

    /** What an operation of a library's container does with it. */
    ContainerUse use(String operation);

    /** Kinds of use. */
    enum ContainerUse {
        PUT,
        /** All of another container is put in. */
        PUT_ALL,
        /** What is put stands after a key, or a place. */
        PUT_AT,
        REMOVE,
        /** What is taken out is given back. */
        TAKE,
        PICK,
        /** The container itself, or a look at it. */
        VIEW,
        COPY,
        NONE
    }

    /** What a function of the library does with what it is given. */
    FunctionUse function(String name);

    /** Kinds of use. */
    enum FunctionUse {
        COPY,
        VIEW,
        PICK,
        CONTAINER,
        /** Calls the first with the elements of the second. */
        APPLIES,
        COMPUTES,
        IS_A,
        /** Keeps its argument weakly; called, it gives it. */
        WEAK,
        /** Gives its first argument, or what can be asked the same. */
        SAME,
        NONE
    }

    /** What is known of an operation of the library. */
    Set<Fact.LibraryTrait> traits(String name);

    /** Names in annotations that stand for containers, with which of their arguments is what they contain. */
    int contained(String annotation, int arguments);

    /** Whether what stands under a name in a map can be read like a field. */
    default boolean hasOpenMaps() {
        return false;
    }

    /** The type of a container that is written down. */
    String container(Code.Display.Kind kind);

    /** The type of a container by its name in annotations or calls, as it is to be made. */
    String container(String name);

    /** Whether a module is one of the language's library. */
    boolean isLibrary(String module);

    /** Names that are there without an import. */
    Set<String> builtIns();

    /** The type of a constant that is written down. */
    String typeOf(Code.Literal literal);

    /** The types of constants in annotations, such as {@code int}. */
    List<String> simpleTypes();
}
