package humblequill.server.whatfor;

import org.springframework.data.jpa.repository.JpaRepository;

interface WhatForRepository extends JpaRepository<WhatForEntity, Integer> {}
