package hausaufgabe.server;

import jakarta.validation.constraints.NotNull;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Collection;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** Refuses a request in which something is missing that the description of the API says must be there. */
@ControllerAdvice
class WholeBodies extends RequestBodyAdviceAdapter {

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter) {
        require(body);
        return body;
    }

    private static void require(Object given) {
        if (given instanceof Collection<?> all) {
            all.forEach(WholeBodies::require);
        } else if (given != null && given.getClass().isRecord()) {
            for (RecordComponent c : given.getClass().getRecordComponents()) {
                Object value = value(given, c);
                if (value == null && c.getAccessor().isAnnotationPresent(NotNull.class)) {
                    throw Problem.badRequest("“" + c.getName() + "” is missing in the request. Nothing was changed.");
                }
                require(value);
            }
        }
    }

    private static Object value(Object given, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(given);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
