package bemble.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.concurrent.locks.Lock;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.annotation.Transactional;

/**
 * Whoever is in a transaction holds a connection, and rows that others want. Nobody may wait there for somebody else, who may
 * be waiting for the same connection or row.
 */
@Tag("slow")
class TransactionsTest {
    private static final List<Class<?>> WAITED_FOR = List.of(Lock.class, Semaphore.class, Future.class,
            CountDownLatch.class, BlockingQueue.class);
    private static final List<String> WAITING =
            List.of("lock", "acquire", "tryAcquire", "get", "join", "await", "take", "put");

    /** Refuses to be called in a transaction, and is reached only where there is none. */
    private static final String REFUSES_TO = "KeptRecords.workOutStale(";

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("bemble.server");

    /** Everything that may run in a transaction, with who calls it there; null where it begins one. */
    private static Map<JavaMethod, JavaMethod> inTransactions() {
        Map<JavaMethod, JavaMethod> reached = new LinkedHashMap<>();
        Deque<JavaMethod> next = new ArrayDeque<>();
        SERVER.stream().flatMap(each -> each.getMethods().stream())
                .filter(method -> method.isAnnotatedWith(Transactional.class))
                .forEach(method -> {
                    reached.put(method, null);
                    next.add(method);
                });
        while (!next.isEmpty()) {
            JavaMethod method = next.remove();
            Stream.concat(method.getMethodCallsFromSelf().stream(), method.getMethodReferencesFromSelf().stream())
                    .map(JavaAccess::getTarget).flatMap(target -> target.resolveMember().stream())
                    .map(JavaMethod.class::cast)
                    .filter(called -> called.getOwner().getPackageName().startsWith("bemble.server"))
                    .forEach(called -> {
                        if (!reached.containsKey(called)) {
                            reached.put(called, method);
                            next.add(called);
                        }
                    });
        }
        return reached;
    }

    private static boolean waits(JavaMethod method) {
        return !method.getFullName().contains(REFUSES_TO) && (method.getModifiers().contains(JavaModifier.SYNCHRONIZED)
                || method.getMethodCallsFromSelf().stream().anyMatch(call -> isWait(call.getTarget().getOwner(),
                        call.getTarget().getName())));
    }

    private static boolean isWait(JavaClass owner, String name) {
        return owner.isEquivalentTo(Thread.class) && name.equals("sleep")
                || WAITING.contains(name) && WAITED_FOR.stream().anyMatch(owner::isAssignableTo);
    }

    private static String way(JavaMethod method, Map<JavaMethod, JavaMethod> reached) {
        List<String> way = new ArrayList<>();
        for (JavaMethod at = method; at != null; at = reached.get(at)) {
            way.add(0, at.getOwner().getSimpleName() + "." + at.getName());
        }
        return String.join(" → ", way);
    }

    @Test
    void nobodyWaitsForSomebodyElseInATransaction() {
        Map<JavaMethod, JavaMethod> reached = inTransactions();
        assertThat(reached).as("services and what they call").hasSizeGreaterThan(150);
        assertThat(reached.keySet().stream().filter(TransactionsTest::waits).map(method -> way(method, reached)))
                .isEmpty();
    }

    @Test
    void whatIsAnnotatedIsCalledThroughItsBean() {
        Map<String, List<String>> calls = new HashMap<>();
        SERVER.stream().flatMap(each -> each.getMethods().stream())
                .filter(method -> !method.isAnnotatedWith(Transactional.class)).forEach(method -> method
                        .getMethodCallsFromSelf().stream()
                        .flatMap(call -> call.getTarget().resolveMember().stream())
                        .filter(called -> called.isAnnotatedWith(Transactional.class)
                                && called.getOwner().equals(method.getOwner()))
                        .forEach(called -> calls.computeIfAbsent(method.getFullName(), any -> new ArrayList<>())
                                .add(called.getName())));
        assertThat(calls).as("a call within one object begins no transaction").isEmpty();
    }
}
