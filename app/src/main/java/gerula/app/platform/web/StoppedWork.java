package gerula.app.platform.web;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Whoever asked for long work has gone: nobody is left to answer, and it is nobody's fault. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class StoppedWork {

  private static final Logger LOG = LoggerFactory.getLogger(StoppedWork.class);

  @ExceptionHandler
  void stopped(Progress.Stopped stopped) {
    LOG.info("{} Whoever asked for it has gone.", stopped.getMessage());
  }
}
