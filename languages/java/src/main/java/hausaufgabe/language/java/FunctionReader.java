package hausaufgabe.language.java;

import com.sun.source.tree.LambdaExpressionTree;
import com.sun.source.tree.MemberReferenceTree;
import com.sun.source.util.TreePath;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.design.Visibility;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.TypeElement;
import javax.lang.model.element.VariableElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeMirror;

/** Reads lambdas and method references: each is a nameless type that realises its function type, with one operation. */
final class FunctionReader {

    private final DesignBuilder into;
    private final TypeResolver resolver;
    private final BodyReader around;

    FunctionReader(DesignBuilder into, BodyReader around) {
        this.into = into;
        this.resolver = into.resolver;
        this.around = around;
    }

    Value lambda(TreePath at, LambdaExpressionTree tree, LibraryCalls.Lending lending) {
        Function f = function(at);
        if (f == null) {
            return BodyReader.UNKNOWN;
        }
        for (int i = 0; i < tree.getParameters().size(); i++) {
            TreePath parameter = new TreePath(at, tree.getParameters().get(i));
            if (into.trees.getElement(parameter) instanceof VariableElement v) {
                Value given = lending.lent() != null ? lending.lent() : new Value.OfParameter(f.operation, i);
                around.set(v, given);
            }
        }
        List<Fact> inside = new ArrayList<>();
        BodyReader reader = around.inside(f.operation, inside);
        TreePath body = new TreePath(at, tree.getBody());
        if (tree.getBodyKind() == LambdaExpressionTree.BodyKind.EXPRESSION) {
            Value v = reader.value(body);
            inside.add(new Fact.Return(v, into.span(body)));
        } else {
            reader.walk(body);
        }
        return addFunction(f, inside);
    }

    Value reference(TreePath at, MemberReferenceTree tree, LibraryCalls.Lending lending) {
        Function f = function(at);
        if (f == null) {
            return BodyReader.UNKNOWN;
        }
        List<Fact> inside = new ArrayList<>();
        Element e = into.trees.getElement(at);
        TreePath qualifier = new TreePath(at, tree.getQualifierExpression());
        boolean ofType = into.trees.getElement(qualifier) instanceof TypeElement;
        if (e instanceof ExecutableElement m && m.getKind() == ElementKind.CONSTRUCTOR) {
            if (resolver.isOwn(m.getEnclosingElement())) {
                String type = resolver.idOf((TypeElement) m.getEnclosingElement());
                inside.add(new Fact.Create(type, resolver.idOf(m), List.of(), f.span));
                inside.add(new Fact.Return(new Value.New(type, f.span), f.span));
            }
        } else if (e instanceof ExecutableElement m) {
            boolean isStatic = m.getModifiers().contains(Modifier.STATIC);
            Value first = lending.lent() != null ? lending.lent() : new Value.OfParameter(f.operation, 0);
            boolean onParameter = ofType && !isStatic;
            Value receiver = isStatic ? BodyReader.UNKNOWN : onParameter ? first : around.value(qualifier);
            List<Value> arguments = new ArrayList<>();
            for (int i = onParameter ? 1 : 0; i < f.parameters; i++) {
                arguments.add(i == 0 ? first : new Value.OfParameter(f.operation, i));
            }
            String target = resolver.target(m, into.trees.getTypeMirror(qualifier));
            if (target != null) {
                inside.add(new Fact.Call(target, m.getSimpleName().toString(), receiver, arguments, false, f.span));
                inside.add(new Fact.Return(new Value.ResultOf(target, receiver, arguments), f.span));
            }
        }
        return addFunction(f, inside);
    }

    private record Function(
            String type, String operation, ExecutableElement of, TypeMirror target, int parameters, Span span) {}

    private Function function(TreePath at) {
        TypeMirror target = into.trees.getTypeMirror(at);
        if (!(target instanceof DeclaredType declared)
                || !(declared.asElement() instanceof TypeElement element)
                || target.getKind() == javax.lang.model.type.TypeKind.ERROR) {
            return null;
        }
        ExecutableElement of = resolver.functionOf(element).orElse(null);
        if (of == null) {
            return null;
        }
        Span span = into.span(at);
        String type = "lambda:" + span.file() + ":" + span.from();
        return new Function(
                type,
                type + "#" + of.getSimpleName(),
                of,
                target,
                of.getParameters().size(),
                span);
    }

    private Value addFunction(Function f, List<Fact> body) {
        Value made = new Value.New(f.type, f.span);
        around.add(new Fact.Create(f.type, null, List.of(), f.span));
        if (around.isLearning()) {
            return made;
        }
        TypeRef target = resolver.ref(f.target);
        into.add(new Type(
                f.type,
                "lambda",
                Type.Kind.CLASS,
                Type.Origin.LAMBDA,
                new Type.Flags(true, false, false, Visibility.PRIVATE),
                List.of(target),
                around.operation().substring(0, around.operation().indexOf('#')),
                List.of(),
                f.span));
        String implemented = resolver.target(f.of, f.target);
        List<Operation.Parameter> parameters = f.of.getParameters().stream()
                .map(p -> new Operation.Parameter(p.getSimpleName().toString(), resolver.ref(p.asType())))
                .toList();
        into.add(new Operation(
                f.operation,
                f.type,
                f.of.getSimpleName().toString(),
                Operation.Role.METHOD,
                Set.of(),
                Visibility.PUBLIC,
                parameters,
                resolver.result(f.of.getReturnType()),
                implemented == null ? List.of() : List.of(implemented),
                List.of(),
                List.of(),
                List.copyOf(body),
                f.span));
        return made;
    }
}
